const LONGEST_PX = 1600;
const JPEG_QUALITIES = [0.82, 0.7, 0.55, 0.4];
const LARGEST_BYTES = 8e5;
async function shrinkPhoto(file) {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const context = canvas.getContext("2d");
  if (!context) throw new Error("This browser gives no canvas.");
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (const quality of JPEG_QUALITIES) {
    const photo = await jpegOf(canvas, quality);
    if (photo.size <= LARGEST_BYTES) return photo;
  }
  throw new Error("The picture stays too large.");
}
function jpegOf(canvas, quality) {
  return new Promise(
    (resolve, reject) => canvas.toBlob(
      (blob) => blob ? resolve(blob) : reject(new Error("The picture could not be written.")),
      "image/jpeg",
      quality
    )
  );
}
async function base64Of(photo) {
  const bytes = new Uint8Array(await photo.arrayBuffer());
  const AT_ONCE = 32768;
  let text = "";
  for (let at = 0; at < bytes.length; at += AT_ONCE) {
    text += String.fromCharCode(...bytes.subarray(at, at + AT_ONCE));
  }
  return btoa(text);
}

export { base64Of as b, shrinkPhoto as s };
