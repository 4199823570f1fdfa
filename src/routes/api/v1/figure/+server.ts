import { answerFigure, answerFigureSvg, FIGURE_BOUNDS, figureRequest } from '$lib/server/figure';
import { answerJson, answerSvg, methodNotAllowed, wantsJson } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  wantsJson(request)
    ? answerJson(request, figureRequest, answerFigure, FIGURE_BOUNDS)
    : answerJson(request, figureRequest, answerFigureSvg, FIGURE_BOUNDS, answerSvg);
export const fallback = () => methodNotAllowed('POST');
