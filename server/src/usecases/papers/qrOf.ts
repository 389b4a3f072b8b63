import QRCode from 'qrcode';

/** A code of squares that leads to a page, dark where true; null where no address is reached from elsewhere. */
export function qrOf(publicUrl: string | null, path: string): boolean[][] | null {
  if (publicUrl === null) return null;
  const { modules } = QRCode.create(`${publicUrl}${path}`, { errorCorrectionLevel: 'M' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_, column) => modules.get(row, column) === 1),
  );
}
