declare namespace NodeJS {
  interface ProcessEnv {
    /** Set by Next when it starts a server: which runtime the code runs in. */
    readonly NEXT_RUNTIME?: 'nodejs' | 'edge';
  }
}
