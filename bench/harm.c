/* The loop of the chance of harm once more, as a yardstick: same sample, same drills, same counts. Prints JSON. */
#include <math.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define PI 3.14159265358979323846
#define LOST_STEPS 72

/* Any good uniform numbers will do for a yardstick of time; the counts are compared within their standard error. */
static uint64_t state;
static double uniform(void) {
  uint64_t z = (state += 0x9e3779b97f4a7c15u);
  z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9u;
  z = (z ^ (z >> 27)) * 0x94d049bb133111ebu;
  return (double)((z ^ (z >> 31)) >> 11) * 0x1p-53;
}

static void normal_pair(double *a, double *b) {
  double radius = sqrt(-2 * log(1 - uniform())), angle = 2 * PI * uniform();
  *a = radius * cos(angle);
  *b = radius * sin(angle);
}

typedef struct {
  double root, crest, major, sigma_offset, sigma_tilt_deg, depth, wander_per, projection, spare, voidMm;
  int trials;
} Input;

static double sines[LOST_STEPS], cosines[LOST_STEPS];

static double lost_share(double bore, double offset, const Input *in) {
  double crest = in->crest / 2, height = in->major / 2 - crest, lost = 0;
  for (int s = 0; s < LOST_STEPS; s++) {
    double side = offset * sines[s];
    double inside = bore * bore - side * side;
    double reach = offset * cosines[s] + sqrt(inside > 0 ? inside : 0);
    double share = (reach - crest) / height;
    lost += share < 0 ? 0 : share > 1 ? 1 : share;
  }
  return lost / LOST_STEPS;
}

static double offset_that_loses(double bore, const Input *in) {
  double low = 0, high = in->major;
  if (lost_share(bore, 0, in) > in->spare) return -1;
  for (int s = 0; s < 24; s++) {
    double middle = (low + high) / 2;
    if (lost_share(bore, middle, in) > in->spare) high = middle;
    else low = middle;
  }
  return high;
}

int main(int argc, char **argv) {
  if (argc < 13) return 2;
  Input in = {atof(argv[1]), atof(argv[2]), atof(argv[3]), atof(argv[4]), atof(argv[5]), atof(argv[6]),
              atof(argv[7]), atof(argv[8]), atof(argv[9]), atof(argv[10]), atoi(argv[11])};
  double largest = atof(argv[12]);
  for (int s = 0; s < LOST_STEPS; s++) {
    sines[s] = sin(2 * PI * (s + 0.5) / LOST_STEPS);
    cosines[s] = cos(2 * PI * (s + 0.5) / LOST_STEPS);
  }
  int drills = argc - 13, runs = 7;
  double best = 1e9, kept = 0;
  long (*counts)[5] = malloc(sizeof(long[5]) * (size_t)(drills + 1));
  for (int run = 0; run < runs; run++) {
    struct timespec from, to;
    clock_gettime(CLOCK_MONOTONIC, &from);
    state = 1;
    double tilt = tan(in.sigma_tilt_deg * PI / 180) * in.depth, wander = in.wander_per * in.projection;
    double *offset = malloc(sizeof(double) * (size_t)in.trials), *over = malloc(sizeof(double) * (size_t)in.trials);
    double *xs = malloc(sizeof(double) * (size_t)in.trials), *ys = malloc(sizeof(double) * (size_t)in.trials);
    for (int n = 0; n < in.trials; n++) {
      double a, b, ta, tb;
      normal_pair(&a, &b);
      normal_pair(&ta, &tb);
      double x = in.sigma_offset * a, y = in.sigma_offset * b, top = sqrt(x * x + y * y);
      double ex = x + tilt * ta, ey = y + tilt * tb;
      if (wander > 0 && top > 0) {
        double c, d;
        normal_pair(&c, &d);
        double by = wander * fabs(c);
        ex += by * x / top;
        ey += by * y / top;
      }
      double end = sqrt(ex * ex + ey * ey);
      offset[n] = top > end ? top : end;
      xs[n] = end > top ? ex : x;
      ys[n] = end > top ? ey : y;
      over[n] = 2 - largest + 2 * (largest - 1) * uniform();
    }
    double loose = 0.03 * in.major > 0.2 ? 0.03 * in.major : 0.2, stiff = 0.1 * in.major;
    for (int d = 0; d < drills; d++) {
      double drill = atof(argv[13 + d]), mean;
      /* The oversize is handed over with the drill: "3.2:0.05". */
      char *colon = argv[13 + d];
      while (*colon && *colon != ':') colon++;
      mean = atof(colon + 1);
      double least = (drill + (2 - largest) * mean) / 2, most = (drill + largest * mean) / 2;
      double at_least = offset_that_loses(least, &in), at_most = offset_that_loses(most, &in);
      double slope = most > least ? (at_most - at_least) / (most - least) : 0;
      long n_loose = 0, n_stiff = 0, n_touched = 0, n_lost = 0, n_void = 0;
      for (int n = 0; n < in.trials; n++) {
        double r = offset[n], bore = (drill + over[n] * mean) / 2, thick = in.root / 2 - bore + r;
        if (thick <= loose) n_loose++;
        else if (thick <= stiff) n_stiff++;
        if (bore + r > in.crest / 2) n_touched++;
        if (r > at_least + slope * (bore - least)) n_lost++;
        if (bore + r > in.voidMm) n_void++;
      }
      long all[5] = {n_loose, n_stiff, n_touched, n_lost, n_void};
      for (int k = 0; k < 5; k++) counts[d][k] = all[k];
    }
    free(offset);
    free(over);
    /* Where the axis ended up is for the end view; read once, so that it is not left out. */
    kept += xs[in.trials / 2] + ys[in.trials / 2];
    free(xs);
    free(ys);
    clock_gettime(CLOCK_MONOTONIC, &to);
    double ms = (double)(to.tv_sec - from.tv_sec) * 1e3 + (double)(to.tv_nsec - from.tv_nsec) / 1e6;
    if (ms < best) best = ms;
  }
  printf("{\"ms\":%.3f,\"chances\":[", best);
  for (int d = 0; d < drills; d++)
    for (int k = 0; k < 5; k++) printf("%s%.6f", d || k ? "," : "", (double)counts[d][k] / in.trials);
  printf("],\"kept\":%.6f}\n", kept);
  free(counts);
  return 0;
}
