import type { Certificate } from '@gorvane/core/unit/certificate.ts';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { packageOfUnits } from '../data/packages.ts';
import { keptBytes } from '../data/photographs.ts';
import { letterheadOfOrder } from '../data/letterhead.ts';
import { saveFile } from './save-file.ts';
import { useFileMaker } from './use-file-maker.tsx';
import { useTimes, useWriting } from './writing.ts';

/** Draws certificates; the PDF library is loaded when one is asked for. */
function useCertificatePdf(): (certificate: Certificate) => Promise<Uint8Array> {
  const write = useWriting();
  const timeOf = useTimes();
  return async (certificate) => {
    const letterhead = await letterheadOfOrder(certificate.orderId);
    const { certificatePdf } = await import('../drawing/certificate-pdf.ts');
    return certificatePdf(certificate, letterhead, { write, timeOf }, keptBytes);
  };
}

/** The certificate as PDF, and the data package of one unit. */
export function CertificateFiles({ certificate }: { readonly certificate: Certificate }) {
  const draw = useCertificatePdf();
  const { make, said } = useFileMaker();
  const { serial } = certificate;
  const save = async () => saveFile(await draw(certificate), `certificate-${serial}.pdf`, 'application/pdf');
  return (
    <>
      <Button variant="default" onClick={() => void make(save)}>
        Certificate (PDF)
      </Button>
      <PackageButton unitIds={[certificate.unitId]} name={serial} />
      {said}
    </>
  );
}

/** Data package of units: records, readings, sweeps, pictures and certificates with checksums. */
export function PackageButton({
  unitIds,
  name,
}: {
  readonly unitIds: readonly string[];
  readonly name: string;
}) {
  const draw = useCertificatePdf();
  const [done, setDone] = useState<number | undefined>();
  const { make, said } = useFileMaker();
  const save = async () => {
    setDone(0);
    try {
      const bytes = await packageOfUnits(unitIds, draw, (packed, of) => setDone(packed / of));
      saveFile(bytes, `data-package-${name.replace(/[^\w.-]+/g, '-')}.zip`, 'application/zip');
    } finally {
      setDone(undefined);
    }
  };
  return (
    <>
      <Button variant="default" disabled={done !== undefined} onClick={() => void make(save)}>
        {done === undefined ? 'Data package (zip)' : `Packing, ${Math.round(done * 100)} %`}
      </Button>
      {said}
    </>
  );
}
