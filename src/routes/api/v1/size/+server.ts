import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { answerSize, SIZE_BOUNDS, sizeRequest } from '$lib/server/size';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, sizeRequest, answerSize, SIZE_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
