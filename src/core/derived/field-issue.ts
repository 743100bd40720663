/** What is wrong at a field, by its path. */
export type FieldIssue = { readonly path: readonly (string | number)[]; readonly message: string };
