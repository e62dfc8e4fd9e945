/*
 * The inner loop of the focus simulation in C, as a yardstick for the PHP: a zone with detection on something in the
 * open, the commonest case. It reads what core/bench/simulation.php writes (numbers that do not depend on chance, and
 * the lists of chances) and must keep the same share of frames.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

enum { SIZE = 1 << 15, MASK = SIZE - 1, NOTHING = 0, AIM = 1, PART = 2, BACKGROUND = 3 };

static int steps, lead, runs;
static double dt, stay, gain_x, gain_v, drive, near_mm, far_mm, start, square, z_detail, change, shake, per_mm,
    area_x, area_y, off_x, off_y, visible_large, hunt_after, look, coast, commit_s, blink, fastest, fails,
    swing, ready_s, set_error, day_spread, air, jump_s, recognised, recognised_part, z_rival, rivals, young_cycles, young_gate;
static double *course[23];
static double *tables[9];

static double *numbers(FILE *in, int count)
{
    double *list = malloc(sizeof(double) * count);
    for (int i = 0; i < count; i++)
        if (fscanf(in, "%lf", &list[i]) != 1) exit(2);
    return list;
}

static double now(void)
{
    struct timespec t;
    clock_gettime(CLOCK_MONOTONIC, &t);
    return t.tv_sec * 1e3 + t.tv_nsec / 1e6;
}

static double play(long seed)
{
    double *aim = course[0], *per_metre = course[1], *part = course[2], *background = course[3], *miss_x = course[4], *miss_y = course[5],
           *trail_x = course[6], *trail_y = course[7], *first = course[8], *half_x = course[9], *half_y = course[10], *visible = course[11],
           *detects = course[12], *smear = course[13], *room = course[14], *scatter = course[15], *gate = course[16], *frames = course[17],
           *within = course[18], *crisper = course[19], *eyes = course[20];
    double *aim_noise = tables[0], *aim_speed = tables[1], *patch = tables[2], *seen_noise = tables[3], *way = tables[4], *white = tables[5], *swinging = tables[6], *lucky = tables[7], *even = tables[8];
    double least = square / 10000, total = 0;
    for (long r = 0; r < runs; r++) {
        long h = (seed * 7919 + r * 104729 + 12345) & 0x7FFFFFFF, o[7];
        o[0] = h;
        for (int i = 1; i < 7; i++) o[i] = (o[i - 1] * 48271 + 11) & 0x7FFFFFFF;
        for (int i = 1; i < 7; i++) o[i] >>= 8;
        double lens = start * (1 + set_error * white[o[6] & MASK]), day = exp(day_spread * white[o[5] & MASK]);
        double ready = -lead * dt - ready_s * log(1e-9 + even[o[3] & MASK]), *rival = even[o[1] & MASK] < .5 ? course[21] : course[22];
        lens = lens > near_mm ? near_mm : (lens < far_mm ? far_mm : lens);
        double x = square / (lens > least ? lens : least), v = 0, since = 0, blind = 0, commit = 0, detected_at = -9;
        int age = 0, locked = 0, hunting = 0, seen = NOTHING, kept = 0, taken = 0;
        double direction = start > (near_mm + far_mm) / 2 ? -1 : 1, from = way[o[4] & MASK];
        for (int k = 0; k < steps; k++) {
            double t = (k - lead) * dt, on = aim[k] + per_metre[k] * swing * swinging[(o[5] + k) & MASK] + per_metre[k] * change * (way[(o[4] + k) & MASK] - from);
            double ex = day * (trail_x[k] + miss_x[k] * aim_noise[(o[1] + k) & MASK]) + first[k] * white[o[1] & MASK];
            double ey = day * (trail_y[k] + miss_y[k] * aim_noise[(o[2] + k) & MASK]) + first[k] * white[o[2] & MASK];
            double dx = fabs(ex), dy = fabs(ey);
            int many = (int)frames[k];
            if (many > 0) {
                taken += many;
                double defocus = fabs(lens - on) * per_mm, body = smear[k] * aim_speed[(o[1] + k) & MASK], hand = shake * aim_speed[(o[2] + k) & MASK];
                if (off_x - ex < .5 && off_x - ex > -.5 && off_y - ey < .5 && off_y - ey > -.5 && defocus * defocus + body * body + hand * hand <= room[k] - air * lucky[(o[3] + k) & MASK]) kept += many;
            }
            if (t < ready) continue;
            int before = seen, touches = dx < half_x[k] + area_x && dy < half_y[k] + area_y;
            double at = 0, target;
            seen = NOTHING;
            if (rivals > 0 && seen_noise[(o[4] + k) & MASK] < z_rival) {
                seen = BACKGROUND;
                at = rival[k];
            } else if (touches && seen_noise[(o[6] + k) & MASK] < detects[k] && fabs(lens - on) < recognised * visible[k]) {
                seen = AIM;
                at = patch[(o[5] + k) & MASK] < eyes[k] ? on : on + recognised_part * part[k];
                detected_at = t;
            } else if (t - detected_at < stay + blink) {
                seen = NOTHING;
            } else if (touches) {
                if (patch[(o[5] + k) & MASK] < crisper[k]) seen = BACKGROUND;
                else { seen = PART; at = on + within[k] * part[k]; }
            } else if (seen_noise[(o[5] + k) & MASK] < z_detail) seen = BACKGROUND;
            if (seen == AIM || seen == PART) { if (fabs(lens - at) > visible[k]) seen = NOTHING; }
            else if (seen != NOTHING) { at = at > 0 ? at : background[k]; if (fabs(lens - at) > visible_large) seen = NOTHING; }
            if (even[(o[4] + k) & MASK] < fails) seen = NOTHING;
            if (seen != NOTHING) {
                double z = at + scatter[k] * white[(o[2] + k) & MASK];
                z = square / (z > least ? z : least);
                blind = 0;
                hunting = 0;
                if (!locked) { locked = 1; age = 0; x = z; v = 0; since = 0; commit = commit_s; }
                else {
                    x += v * dt;
                    x = x > .1 ? x : .1;
                    double off = z - x, fits = (age < young_cycles ? young_gate * gate[k] : gate[k]) * x * x / square;
                    if (off < fits && off > -fits) {
                        age++;
                        double a = age < 64 ? (4. * age + 2) / ((age + 1.) * (age + 2)) : 0, b = age < 64 ? 6. / ((age + 1.) * (age + 2)) : 0;
                        x += (a > gain_x ? a : gain_x) * off;
                        v += (b > gain_v ? b : gain_v) * off / dt;
                        v = v > fastest ? fastest : (v < -fastest ? -fastest : v);
                        since = 0;
                    } else if ((since += dt) > stay) { x = z; v = 0; age = 0; since = 0; commit = jump_s; }
                }
                target = square / (x + v * dt > .1 ? x + v * dt : .1);
            } else {
                seen = locked ? before : seen;
                if (blind < coast) { x += v * dt; x = x > .1 ? x : .1; }
                blind += dt;
                if (blind > (locked ? hunt_after : look)) { hunting = 1; locked = 0; }
                target = square / x;
                if (hunting) {
                    target = lens + direction * drive;
                    if (target >= near_mm) { target = near_mm; direction = -1; }
                    else if (target <= far_mm) { target = far_mm; direction = 1; }
                    x = square / (target > least ? target : least);
                    v = 0;
                }
            }
            if (commit > 0) { commit -= dt; target = hunting ? target : lens; }
            target = target > near_mm ? near_mm : (target < far_mm ? far_mm : target);
            double go = target - lens;
            lens += go > drive ? drive : (go < -drive ? -drive : go);
        }
        total += (double)kept / (taken > 0 ? taken : 1);
    }
    return total / runs;
}

int main(int argc, char **argv)
{
    FILE *in = fopen(argc > 1 ? argv[1] : "", "r");
    if (!in) return 2;
    double *c = numbers(in, 41);
    steps = c[0]; lead = c[1]; runs = c[2]; dt = c[3]; stay = c[4]; gain_x = c[5]; gain_v = c[6]; drive = c[7]; near_mm = c[8]; far_mm = c[9];
    start = c[10]; square = c[11]; z_detail = c[13]; change = c[14]; shake = c[15]; per_mm = c[16]; area_x = c[17];
    area_y = c[18]; off_x = c[19]; off_y = c[20]; visible_large = c[21]; hunt_after = c[22]; look = c[23]; coast = c[24]; commit_s = c[25];
    blink = c[26]; fastest = c[27]; fails = c[28];
    swing = c[29]; ready_s = c[30]; set_error = c[31]; day_spread = c[32]; air = c[33]; jump_s = c[34]; recognised = c[35]; recognised_part = c[36];
    z_rival = c[37]; rivals = c[38]; young_cycles = c[39]; young_gate = c[40];
    for (int i = 0; i < 23; i++) course[i] = numbers(in, steps);
    for (int i = 0; i < 9; i++) tables[i] = numbers(in, SIZE);
    double best = 1e9, rate = 0;
    for (int i = 0; i < 15; i++) {
        double begun = now();
        rate = play(1);
        double took = now() - begun;
        if (took < best) best = took;
    }
    printf("%.4f %.6f\n", best, rate);
    return 0;
}
