import { formatSetting, type LengthUnit } from '$lib/core/length';
import { suits, type OwnRestKind, type RestOffer } from '$lib/core/setup';

export const OWN_REST_WORDS: Readonly<Record<OwnRestKind, string>> = {
  'chin-rest': 'Chin rest',
  'shoulder-rest': 'Shoulder rest',
  pad: 'Pad or sponge'
};

/** How one of the teacher's own does: `does it`, `4 mm too low, 9 mm too narrow`. */
export function offerText(offer: RestOffer, unit: LengthUnit): string {
  if (suits(offer)) return 'does it';
  const by = (mm: number, above: string, below: string) =>
    Math.abs(mm) < 0.5 ? '' : `${formatSetting(Math.abs(mm), unit)} too ${mm > 0 ? above : below}`;
  return [by(offer.higherMm, 'low', 'high'), by(offer.widerMm, 'narrow', 'wide')].filter(Boolean).join(', ');
}
