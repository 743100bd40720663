'use client';

import { useState } from 'react';
import { lengthText, lengthUnit, typedLength, type LengthKind } from '@/core/units/length';
import { TextField } from '@/ui/field';
import { useHome } from '../session/visit-context';

type Props = {
  readonly label: string;
  readonly valueM: number;
  readonly onChange: (metres: number) => void;
  readonly error?: string | undefined;
  readonly kind?: LengthKind;
  readonly className?: string;
};

/** A length that is taken up when its field is left, or on Enter; what cannot be read stays as it was. */
export function MeasureField({ label, valueM, onChange, error, kind = 'room', className = 'w-28' }: Props) {
  const { units } = useHome();
  const [text, setText] = useState<string | null>(null);
  const take = () => {
    if (text === null) return;
    const metres = typedLength(text, units, kind);
    setText(null);
    if (Number.isFinite(metres) && metres !== valueM) onChange(metres);
  };
  return (
    <TextField
      className={className}
      label={label}
      unit={lengthUnit(units)}
      value={text ?? lengthText(valueM, units, kind)}
      error={error}
      onChange={(e) => setText(e.target.value)}
      onBlur={take}
      onKeyDown={(e) => e.key === 'Enter' && take()}
    />
  );
}
