/** Runs once when the server starts: claims the data folder before the first request, or says why not and stops. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') await (await import('./server/start')).start();
}
