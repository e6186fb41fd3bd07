/** Whether whoever looks at this page may change what was agreed; for what cannot be left out by `data-needs`. */
export function mayManage(): boolean {
  if (typeof document === 'undefined') return true
  return !['log', 'read'].includes(document.documentElement?.dataset?.may ?? '')
}
