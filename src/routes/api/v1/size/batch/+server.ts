import { answerBatch } from '$lib/server/batch';
import { methodNotAllowed } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) => answerBatch(request);
export const fallback = () => methodNotAllowed('POST');
