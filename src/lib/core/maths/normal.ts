/**
 * Chance that a standard normal value is at most z, from the complementary error function in Numerical
 * Recipes' Chebyshev form (relative error under 1.2e-7 everywhere).
 */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + x / 2);
  const series =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t *
                      (0.27886807 +
                        t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  const tail = (t * Math.exp(-x * x + series)) / 2;
  return z > 0 ? 1 - tail : tail;
}
