import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import jsQR from 'jsqr';
import { useRef, useState, useEffect } from 'react';
import { N as Notice, B as Button } from './Layout_CULKZlnp.mjs';
import { r as round } from './log_CnxEfhqL.mjs';
import { s as styles } from './log.4660a334_DjpSK0rn.mjs';

const LOOK_EVERY_MS = 200;
const WIDE_PX = 640;
function Scan({ onRead, onStop }) {
  const video = useRef(null);
  const [failed, setFailed] = useState(false);
  const latest = useRef(onRead);
  latest.current = onRead;
  useEffect(() => {
    let stream = null;
    let isGone = false;
    let timer;
    const begin = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } });
      if (isGone || !video.current) return stop();
      video.current.srcObject = stream;
      await video.current.play();
      timer = setInterval(() => {
        const text = video.current && readCode(video.current);
        if (text) latest.current(text);
      }, LOOK_EVERY_MS);
    };
    const stop = () => {
      clearInterval(timer);
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
    begin().catch(() => !isGone && setFailed(true));
    return () => {
      isGone = true;
      stop();
    };
  }, []);
  return /* @__PURE__ */ jsxs("div", { className: styles.scan, children: [
    failed ? /* @__PURE__ */ jsx(Notice, { tone: "act", children: round.noCamera }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("p", { children: round.scanning }),
      /* @__PURE__ */ jsx("video", { ref: video, className: styles.camera, muted: true, playsInline: true })
    ] }),
    /* @__PURE__ */ jsx(Button, { onClick: onStop, children: round.stopScan })
  ] });
}
const canvas = typeof document === "undefined" ? null : document.createElement("canvas");
function readCode(video) {
  const context = canvas?.getContext("2d", { willReadFrequently: true });
  if (!canvas || !context || video.videoWidth === 0) return null;
  canvas.width = WIDE_PX;
  canvas.height = Math.round(WIDE_PX * video.videoHeight / video.videoWidth);
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, width, height, { inversionAttempts: "dontInvert" })?.data || null;
}

export { Scan };
