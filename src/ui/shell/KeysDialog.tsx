import { useState } from 'react'
import { Dialog } from '../Dialog'
import { TextField } from '../Field'
import { shell as shellWords } from '../texts/parts'
import styles from './KeysDialog.module.css'
import { keepKeys, useKeySettings } from './keySettings'

const words = shellWords

export interface KeysDialogProps {
  readonly open: boolean
  readonly onClose: () => void
}

/** What works here, and the switch for single keys. */
export function KeysDialog({ open, onClose }: KeysDialogProps) {
  return (
    <Dialog open={open} title={words.keysTitle} onClose={onClose}>
      <Keys />
    </Dialog>
  )
}

function Keys() {
  const settings = useKeySettings()
  const [typed, setTyped] = useState(settings.find)
  return (
    <>
      <p>{words.keysLead}</p>
      <table className={styles.keys}>
        <tbody>
          <tr>
            <th scope="row">{settings.find}</th>
            <td>{words.find}</td>
          </tr>
          {words.rows.map(([key, what]) => (
            <tr key={key}>
              <th scope="row">{key}</th>
              <td>{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className={styles.settings}>
        <label className={styles.switch}>
          <input
            type="checkbox"
            checked={settings.on}
            onChange={(event) => keepKeys({ ...settings, on: event.target.checked })}
          />
          {words.keysSwitch}
        </label>
        <TextField
          label={words.findKey}
          hint={words.findKeyHint}
          value={typed}
          maxLength={1}
          onChange={(event) => {
            setTyped(event.target.value)
            const key = event.target.value.trim()
            if (key) keepKeys({ ...settings, find: key })
          }}
        />
      </div>
    </>
  )
}
