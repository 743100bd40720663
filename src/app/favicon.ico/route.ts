/** Browsers that ask for the old name are sent to the icon. */
export function GET(): Response {
  return new Response(null, { status: 308, headers: { location: '/icon.svg' } });
}
