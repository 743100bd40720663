import jsQR from 'jsqr';
import sharp from 'sharp';
import { sampleLabels } from '@/core/handover/sampling';
import { USUAL_SAMPLE } from '@/core/record/sample';
import { visit } from '../../../tests/made-up-room';
import { qrCode } from './qr-code';

test('the code on a label holds the text of the label (read by another library)', async () => {
  const sample = {
    id: 's',
    candidateId: 'c75',
    method: 'board',
    ...USUAL_SAMPLE.board,
    coats: 2,
    paintedAt: null,
    read: null,
    reason: '',
  } as const;
  const [label] = sampleLabels({ ...visit({ samples: [sample], name: 'Séjour ½' }) });
  const png = Buffer.from((await qrCode(label!.text)).split(',')[1]!, 'base64');
  const { data, info } = await sharp(png).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  expect(jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data).toBe(label!.text);
});
