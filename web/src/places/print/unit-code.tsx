import { toString as drawQr } from 'qrcode';
import { useEffect, useState } from 'react';

/** The code of serial and identity, no address in it; its drawing is made here, never typed by anyone. */
export function UnitCode({ serial, unitId }: { readonly serial: string; readonly unitId: string }) {
  const [svg, setSvg] = useState('');
  const text = `${serial} ${unitId}`;
  useEffect(() => {
    void drawQr(text, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' }).then(setSvg, () => setSvg(''));
  }, [text]);
  return (
    <div
      role="img"
      aria-label={`QR code: ${text}`}
      className="qr"
      dangerouslySetInnerHTML={{ __html: svg }}
    />
  );
}
