/** @jest-environment node */
import { NextRequest } from 'next/server';
import { proxy } from './proxy';

const ask = (headers: Record<string, string>) => proxy(new NextRequest('http://127.0.0.1:4000/visits', { headers }));

describe('who is answered', () => {
  test.each(['127.0.0.1:4000', 'localhost:4000', '[::1]:4000'])('%s, with a policy that differs each time', (host) => {
    const [first, second] = [ask({ host }), ask({ host })];
    expect(first.status).toBe(200);
    const policy = first.headers.get('content-security-policy')!;
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic'/);
    expect(policy).toContain("object-src 'none'");
    expect(second.headers.get('content-security-policy')).not.toBe(policy);
  });

  test.each([
    [{ host: 'evil.example' }],
    [{ host: '127.0.0.1.evil.example' }],
    [{ host: '' }],
    [{ host: '127.0.0.1:4000', origin: 'http://evil.example' }],
    [{ host: '127.0.0.1:4000', origin: 'null' }],
    [{ host: '127.0.0.1:4000', origin: 'http://127.0.0.1:5000' }],
  ])('%j is refused', (headers) => expect(ask(headers as Record<string, string>).status).toBe(403));

  test('its own pages may ask, and too large a request is not taken', () => {
    expect(ask({ host: '127.0.0.1:4000', origin: 'http://127.0.0.1:4000' }).status).toBe(200);
    expect(ask({ host: '127.0.0.1:4000', 'content-length': String(200 * 1024 * 1024) }).status).toBe(413);
  });
});
