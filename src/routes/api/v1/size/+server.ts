import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { answerSize, sizeRequest } from '$lib/server/size';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) => answerJson(request, sizeRequest, answerSize);
export const fallback = () => methodNotAllowed('POST');
