import { demoTemplate } from './demoTemplate'

/** Makes the demo garden once; every test gets a copy of its own. */
export default async function makeTemplate() {
  process.env.INNINGS_TEMPLATE = await demoTemplate()
}
