import jsQR from 'jsqr'
import { useEffect, useRef, useState } from 'react'
import { Button } from '../../ui/Button'
import { Notice } from '../../ui/Notice'
import { round as words } from '../../ui/texts/containers/round'
import styles from './Round.module.css'

const LOOK_EVERY_MS = 200
/** Enough for a label at arm's length, and quick to look through. */
const WIDE_PX = 640

export interface ScanProps {
  readonly onRead: (text: string) => void
  readonly onStop: () => void
}

/** Reads the code of a label with the camera. The picture goes nowhere. */
export function Scan({ onRead, onStop }: ScanProps) {
  const video = useRef<HTMLVideoElement>(null)
  const [failed, setFailed] = useState(false)
  const latest = useRef(onRead)
  latest.current = onRead
  useEffect(() => {
    let stream: MediaStream | null = null
    let isGone = false
    let timer: ReturnType<typeof setInterval>
    const begin = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
      if (isGone || !video.current) return stop()
      video.current.srcObject = stream
      await video.current.play()
      timer = setInterval(() => {
        const text = video.current && readCode(video.current)
        if (text) latest.current(text)
      }, LOOK_EVERY_MS)
    }
    const stop = () => {
      clearInterval(timer)
      for (const track of stream?.getTracks() ?? []) track.stop()
    }
    begin().catch(() => !isGone && setFailed(true))
    return () => {
      isGone = true
      stop()
    }
  }, [])
  return (
    <div className={styles.scan}>
      {failed ? (
        <Notice tone="act">{words.noCamera}</Notice>
      ) : (
        <>
          <p>{words.scanning}</p>
          <video ref={video} className={styles.camera} muted playsInline />
        </>
      )}
      <Button onClick={onStop}>{words.stopScan}</Button>
    </div>
  )
}

const canvas = typeof document === 'undefined' ? null : document.createElement('canvas')

function readCode(video: HTMLVideoElement): string | null {
  const context = canvas?.getContext('2d', { willReadFrequently: true })
  if (!canvas || !context || video.videoWidth === 0) return null
  canvas.width = WIDE_PX
  canvas.height = Math.round((WIDE_PX * video.videoHeight) / video.videoWidth)
  context.drawImage(video, 0, 0, canvas.width, canvas.height)
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height)
  return jsQR(data, width, height, { inversionAttempts: 'dontInvert' })?.data || null
}
