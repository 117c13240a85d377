import type { Readings } from '@gorvane/core/reading/reading.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import { useCallback, useMemo, useState } from 'react';

/** What the sweeps and traces on the table reflect that a sound lead would not; their panels tell it as they work it out. */
export function useReflected(takes: readonly Readings[]) {
  const [found, setFound] = useState<Readonly<Record<string, readonly ReflectionFinding[]>>>({});
  const onFound = useCallback(
    (hash: string, findings: readonly ReflectionFinding[]) =>
      setFound((now) => (now[hash] === findings ? now : { ...now, [hash]: findings })),
    [],
  );
  const reflected = useMemo(() => {
    const hashes = takes.flatMap(({ sweep, trace }) => [sweep, trace].flatMap((file) => file?.hash ?? []));
    const all = hashes.flatMap((hash) => found[hash] ?? []).filter(({ expected }) => !expected);
    return all.filter((finding, n) => !all.slice(0, n).some((other) => isSame(finding, other)));
  }, [takes, found]);
  return { reflected, onFound };
}

/** Two ways of looking at one place. */
const isSame = (a: ReflectionFinding, b: ReflectionFinding) =>
  Math.abs(a.distance - b.distance) <= a.uncertainty + b.uncertainty;
