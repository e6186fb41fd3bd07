import { writePlace, writePpm, writePractice } from '../../data/site'
import { siteOperations } from '../../messages/site/operations'
import { endpoints } from '../endpoints'

export const siteEndpoints = endpoints(siteOperations, {
  'PUT /api/site/place': async ({ db, body }) => ({ version: await writePlace(db, body) }),
  'PUT /api/site/ppm': async ({ db, body }) => {
    await writePpm(db, body.ppmPerDsM)
    return body
  },
  'PUT /api/site/practice': async ({ db, body }) => {
    await writePractice(db, body)
    return body
  },
})
