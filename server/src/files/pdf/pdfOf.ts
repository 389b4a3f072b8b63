import type { Sheet } from '@deep-mend/drawing';
import PDFDocument from 'pdfkit';
import { withFonts } from './letters.ts';
import { paintSheet } from './paintSheet.ts';

/** Sheets as a PDF, one a page, at their true size. Its dates are the caller's: equal sheets give equal bytes but for them. */
export async function pdfOf(sheets: readonly Sheet[], about: { title: string; made: Date }): Promise<Uint8Array> {
  const doc = withFonts(
    new PDFDocument({
      autoFirstPage: false,
      margin: 0,
      info: { Title: about.title, Creator: 'Deep Mend', CreationDate: about.made, ModDate: about.made },
      lang: 'en-GB',
      displayTitle: true,
    }),
  );
  const chunks: Uint8Array[] = [];
  const whole = new Promise<Uint8Array>((resolve, reject) => {
    doc.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  for (const sheet of sheets) {
    doc.addPage({ size: [sheet.width, sheet.height], margin: 0 });
    paintSheet(doc, sheet);
  }
  doc.end();
  return whole;
}
