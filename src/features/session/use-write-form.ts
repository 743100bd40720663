'use client';

import {
  get,
  useForm,
  type DefaultValues,
  type FieldErrors as FormErrors,
  type FieldValues,
  type Resolver,
} from 'react-hook-form';
import type { Write, WriteInput } from '@/core/operations/operations';
import { sayRefusal } from '../words/words';
import { checkWrite, type FieldErrors } from './check-write';
import type { WriteResult } from './sender';

type Asked<F extends FieldValues> = {
  readonly fields: DefaultValues<F>;
  /** What the fields say, as a write. */
  readonly toWrite: (fields: F) => WriteInput;
  /** What is asked beside what the write asks, by field. */
  readonly also?: (fields: F) => FieldErrors;
  /** What an issue of the write is called in the form, where that differs. */
  readonly at?: Readonly<Record<string, string>>;
  readonly send: (write: Write) => Promise<WriteResult>;
  /** What follows; words where something has to be told all the same. */
  readonly onDone: (done: Extract<WriteResult, { ok: true }>, fields: F) => string | void;
};

/** Stands for what no field of the form asks for: what is wrong with it is told above the button. */
const NO_FIELD = 'noField';

/** Issues as a form has them: "products.wall" lies in an object. */
function nested(errors: FieldErrors): FormErrors {
  const out: Record<string, unknown> = {};
  for (const [path, message] of Object.entries(errors)) {
    const names = path.split('.');
    const last = names.pop()!;
    let into = out;
    for (const name of names) into = (into[name] ??= {}) as Record<string, unknown>;
    into[last] = { type: 'asked', message };
  }
  return out as FormErrors;
}

/** The first message of an error, or of those within it. */
function messageIn(error: unknown): string | undefined {
  if (typeof error !== 'object' || error === null) return undefined;
  if ('message' in error && typeof error.message === 'string') return error.message;
  return Object.values(error).map(messageIn).find(Boolean);
}

/**
 * A form whose fields become one write: what the write refuses stands at its field, what the server refuses above the button. Drafts that
 * save themselves are `use-drafts`.
 */
export function useWriteForm<F extends FieldValues>({ fields, toWrite, also, at = {}, send, onDone }: Asked<F>) {
  const resolver: Resolver<F> = (said) => {
    const checked = checkWrite(toWrite(said));
    const errors = { ...(checked.ok ? {} : checked.errors), ...also?.(said) };
    if (Object.keys(errors).length === 0) return { values: said, errors: {} };
    const named = Object.entries(errors).map(([path, message]): [string, string] => {
      const name = at[path] ?? path;
      return [name.split('.')[0]! in fields ? name : NO_FIELD, message];
    });
    return { values: {}, errors: nested(Object.fromEntries(named)) as FormErrors<F> };
  };
  const form = useForm<F>({ defaultValues: fields, resolver, reValidateMode: 'onSubmit', shouldFocusError: true });
  const submit = form.handleSubmit(async (said) => {
    const checked = checkWrite(toWrite(said));
    if (!checked.ok) return;
    const result = await send(checked.write);
    const told = result.ok ? onDone(result, said) : sayRefusal(result);
    if (told) form.setError('root', { type: 'told', message: told });
  });
  const { errors, isSubmitting } = form.formState;
  return {
    form,
    submit,
    busy: isSubmitting,
    refused: errors.root?.message ?? messageIn(get(errors, NO_FIELD)),
    /** What is wrong with a field or, of a list, with any of it, by its path. */
    wrong: (path: string): string | undefined => messageIn(get(errors, path)),
  };
}
