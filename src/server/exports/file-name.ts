/** A name that every file system takes. */
export const fileName = (text: string, otherwise: string): string =>
  text
    .replace(/[^\p{L}\p{N} .,_-]+/gu, ' ')
    .trim()
    .slice(0, 120) || otherwise;

/** A file to be taken away, as a response. */
export type MadeFile = {
  readonly body: string | Uint8Array;
  readonly type: string;
  readonly name: string;
  readonly extension: string;
};

/** A file as an attachment: never opened in the application's own origin. */
export const attachment = ({ body, type, name, extension }: MadeFile, plainName: string): Response =>
  new Response(body as BodyInit, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${plainName}.${extension}"; filename*=UTF-8''${encodeURIComponent(name)}`,
      'cache-control': 'no-store',
    },
  });
