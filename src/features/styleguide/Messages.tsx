import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Caution, Notice } from '../../ui/Notice'
import { common as commonWords } from '../../ui/texts/common'
import { recondition as reconditionWords } from '../../ui/texts/recondition/recondition'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import { showToast } from '../../ui/toast'
import styles from './Styleguide.module.css'

const words = styleguideWords.messages
const { cautions } = reconditionWords

export function Messages() {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Notice>{words.note}</Notice>
      <Notice tone="ok">{words.ok}</Notice>
      <Notice tone="act">{words.act}</Notice>
      <Caution lead={words.cautionLead} lines={[cautions.dust, cautions.legionella]} />
      <div className={styles.row}>
        <Button onClick={() => setOpen(true)}>{words.open}</Button>
        <Button onClick={() => showToast({ text: words.toastText })}>{words.toast}</Button>
      </div>
      <Dialog
        open={open}
        title={words.dialogTitle}
        onClose={() => setOpen(false)}
        actions={
          <>
            <Button onClick={() => setOpen(false)}>{commonWords.cancel}</Button>
            <Button weight="main" onClick={() => setOpen(false)}>
              {words.dialogYes}
            </Button>
          </>
        }
      >
        <p>{words.dialogText}</p>
      </Dialog>
    </>
  )
}
