import type { LabelText } from '@ironpan/core/words';
import { jsPDF } from 'jspdf';
import QRCode from 'qrcode';
import fontUrl from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?url';

export interface Label extends LabelText {
  readonly made: string;
  /** null: nothing says. */
  readonly useBy: string | null;
  /** It is frozen: by then it must be in the fridge. */
  readonly frozen: boolean;
  /** What its QR code opens. */
  readonly address: string;
}
/** A4 in three columns of eight, a size of label sheets sold everywhere (common practice), mm. */
const W = 70;
const H = 37;
const COLUMNS = 3;
const ROWS = 8;
const PAGE = { w: 210, h: 297 } as const;
const IN = 3.5;
const QR = 20;
const LINE = 3.7;

/** Windows-1252 is all that the fonts of every PDF reader know; what is written otherwise takes a font along. */
const PLAIN = /^[\u0020-\u007e\u00a0-\u00ff\u2013\u2014\u2018\u2019\u201c\u201d\u2026\u20ac]*$/;
const FONT = 'DejaVu';

/** Labels as a PDF: a sheet of 24 from the first free place on, or one on a page of its own size. */
export async function labelsPdf(labels: readonly Label[], how: { readonly sheet: boolean; readonly from?: number }) {
  const format = how.sheet ? [PAGE.w, PAGE.h] : [W, H];
  const doc = new jsPDF({ unit: 'mm', format, orientation: how.sheet ? 'portrait' : 'landscape' });
  doc.setProperties({ title: labels.length === 1 ? `Label ${labels[0]?.code ?? ''}` : 'Labels' });
  const all = labels.flatMap((l) => [l.title, l.stop ?? '', l.allergens, l.made, l.useBy ?? '']).join('');
  const family = PLAIN.test(all) ? 'helvetica' : await ownFont(doc);
  const margin = (PAGE.h - ROWS * H) / 2;
  labels.forEach((l, k) => {
    const i = k + (how.sheet ? (how.from ?? 0) : 0);
    const onPage = i % (COLUMNS * ROWS);
    if (k > 0 && (!how.sheet || onPage === 0)) doc.addPage(format);
    const x = how.sheet ? (onPage % COLUMNS) * W : 0;
    const y = how.sheet ? margin + Math.floor(onPage / COLUMNS) * H : 0;
    draw(doc, family, l, x, y);
  });
  return doc;
}
async function ownFont(doc: jsPDF): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(fontUrl)).arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  doc.addFileToVFS('DejaVu.ttf', btoa(text));
  for (const style of ['normal', 'bold']) doc.addFont('DejaVu.ttf', FONT, style);
  return FONT;
}

/** A line that is too long becomes no smaller than this share of its size. */
const SMALLEST = 0.72;
/** Points to mm, with the air between lines. */
const lineMm = (pt: number): number => pt * 0.42;
/** The allergens stand at the foot, as wide as the label, two lines at most: everything else ends above them. */
const FOOT = { pt: 6.5, lines: 2 } as const;

function draw(doc: jsPDF, family: string, l: Label, x: number, y: number): void {
  const wide = W - 2 * IN - QR - 2;
  const left = x + IN;
  const end = y + H - 2 - FOOT.lines * lineMm(FOOT.pt);
  let at = y + IN + 3;
  const font = (size: number, bold: boolean): void => {
    doc.setFont(family, bold ? 'bold' : 'normal');
    doc.setFontSize(size);
  };
  const write = (text: string, size: number, bold: boolean, most: number): void => {
    if (text === '') return;
    font(size, bold);
    const split = (): string[] => doc.splitTextToSize(text, wide) as string[];
    // What would lose its end is written smaller, down to what is still read.
    let pt = size;
    for (; split().length > most && pt > SMALLEST * size; pt -= 0.5) font(pt - 0.5, bold);
    const room = Math.max(0, Math.floor((end - at) / lineMm(pt)) + 1);
    const lines = split().slice(0, Math.min(most, room));
    doc.text(lines, left, at);
    at += lines.length * lineMm(pt) + 0.6;
  };
  write(l.title, 11, true, 2);
  if (l.stop !== null) {
    // White on black: it must not be missed, and a printer has no other colour.
    doc.setFillColor('#000000');
    doc.rect(left - 1, at - 3.4, wide + 1, LINE + 1, 'F');
    doc.setTextColor('#ffffff');
    write(l.stop, 10, true, 1);
    doc.setTextColor('#000000');
  }
  if (l.useBy !== null) write(`${l.frozen ? 'Into the fridge by' : 'Use by'} ${l.useBy}`, 9, true, 2);
  write(`Made ${l.made}`, 7, false, 1);
  write([l.state, l.strength].filter((t) => t !== '').join(', '), 7, false, 1);
  font(FOOT.pt, false);
  const foot = [l.shake ? 'Shake before use.' : '', l.allergens].filter((t) => t !== '').join(' ');
  const lines = (doc.splitTextToSize(foot, W - 2 * IN) as string[]).slice(0, FOOT.lines);
  doc.text(lines, left, y + H - 2 - (lines.length - 1) * lineMm(FOOT.pt));
  code(doc, l, x + W - IN - QR, y + IN);
}
/** Its QR code, square by square, and under it the code for those who type it. */
function code(doc: jsPDF, l: Label, x: number, y: number): void {
  const { modules } = QRCode.create(l.address, { errorCorrectionLevel: 'M' });
  const each = QR / modules.size;
  doc.setFillColor('#000000');
  for (let r = 0; r < modules.size; r += 1)
    for (let c = 0; c < modules.size; c += 1)
      if (modules.get(r, c)) doc.rect(x + c * each, y + r * each, each * 1.02, each * 1.02, 'F');
  doc.setFont('courier', 'bold');
  doc.setFontSize(11);
  doc.text(l.code, x + QR / 2, y + QR + 4, { align: 'center' });
}
