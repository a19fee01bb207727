import qrcode from 'qrcode-generator'

/** A QR code with this text, as the address of a picture. */
export function qrPicture(text: string): string {
  const qr = qrcode(0, 'M')
  qr.addData(text)
  qr.make()
  return qr.createDataURL(4, 4)
}
