import { expect, test } from '@jest/globals';
import jsQR from 'jsqr';
import QRCode from 'qrcode';

/** The squares as they are drawn on a label, as a picture with its quiet zone. */
function picture(address: string, each: number) {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const side = (modules.size + 8) * each;
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  for (let y = 0; y < side; y += 1)
    for (let x = 0; x < side; x += 1) {
      const [r, c] = [Math.floor(y / each) - 4, Math.floor(x / each) - 4];
      const dark = r >= 0 && c >= 0 && r < modules.size && c < modules.size && modules.get(r, c) === 1;
      if (dark) data.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
    }
  return { data, side, size: modules.size };
}

test('another reader finds the address of the jar in its code, at the size in which it is printed', () => {
  const address = 'http://127.0.0.1:4741/?jar=batch-3f9a2c71b0e84d55%3Amilk%3A1';
  const { data, side, size } = picture(address, 4);
  expect(jsQR(data, side, side)?.data).toBe(address);
  // 20 mm wide, each square is read by a phone from half a millimetre on (common practice: 0.4 mm).
  expect(20 / size).toBeGreaterThan(0.4);
});
