"""The small drawings of the window: places, acts, kinds of steps, in the hand of the stamps. One SVG each, black,
24 units square; the window lays its own inks over them. Usage: drawings.py FOLDER [SHEET.svg]"""
import math
import os
import sys
import zlib

from shapely.affinity import rotate, scale, translate
from shapely.geometry import LineString, Point, Polygon, box
from shapely.ops import unary_union

from rubber import Drawing, blob, clean, curve, oval, path_data, pen

WIDE, MIDDLE, THIN = 1.5, 1.1, .8
SIZE = 24


def slab(points):
    return Polygon(points).buffer(-.25).buffer(.25)


def place_card(d):
    d.part(slab([(4, 4), (4, 20), (14.5, 21.5), (14.5, 5.5)]), WIDE)
    d.part(slab([(14, 5.5), (14, 21.5), (20.5, 18.6), (20.5, 2.6)]), WIDE)
    d.line([(5.6, 9.5), (9, 11.2), (13, 10)], MIDDLE)
    d.black(oval(10.6, 16, 1.7, 1.7))


def place_drawer(d):
    d.part(slab([(2.5, 5), (2.5, 19), (21.5, 19), (21.5, 5)]), WIDE)
    d.line([(2.8, 12), (21.2, 12)], MIDDLE, .8)
    for y in (8.5, 15.5):
        d.part(slab([(9.2, y - 1.5), (9.2, y + 1.5), (14.8, y + 1.5), (14.8, y - 1.5)]), THIN)
    d.line([(4.5, 4.6), (4.5, 2.6)], WIDE), d.line([(19.5, 4.6), (19.5, 2.6)], WIDE)


def place_scene(d):
    d.black(oval(17.6, 18.4, 2.5, 2.5))
    d.part(blob([(1, 3), (1.4, 9), (7, 12.6), (14, 9), (20, 10.6), (23, 8.4), (23, 3)]), WIDE)
    d.part(blob([(6.2, 7), (4.6, 13), (7.2, 21.4), (9.8, 13), (8.2, 7)]), WIDE)
    d.line([(7.2, 16), (7.2, 5.4)], MIDDLE)
    d.line([(12.5, 3.4), (14.2, 6.4), (13.4, 9.2)], THIN), d.line([(18.5, 3.4), (16, 6.6), (14.6, 9.2)], THIN)


def place_order(d):
    for k, (x, y) in enumerate(((7.5, 9.5), (5, 6.5), (2.5, 3.5))):
        d.part(slab([(x, y), (x, y + 11.5), (x + 14, y + 11.5), (x + 14, y)]), WIDE if k == 2 else MIDDLE)
    d.line([(7, 10), (9.6, 12.4), (9.6, 5.8)], WIDE, .7, smooth=False)


def place_ink(d):
    d.part(slab([(2.5, 4), (2.5, 10.5), (21.5, 10.5), (21.5, 4)]), WIDE)
    d.black(slab([(4.4, 10.4), (4.4, 13.2), (19.6, 13.2), (19.6, 10.4)]))
    d.part(slab([(3.2, 13.4), (6.4, 20.6), (20.6, 18.2), (20.8, 13.6)]), MIDDLE)
    d.line([(5, 7.2), (12, 7.4)], THIN)


def place_colour(d):
    d.part(slab([(15.6, 21.8), (21.4, 17.6), (10.4, 7.2), (7.4, 10.4)]), WIDE)
    d.part(Polygon([(7.2, 10.6), (10.6, 7), (4.2, 2.6)]), MIDDLE)
    d.black(Polygon([(6.2, 6.6), (7.8, 4.9), (3.4, 1.8)]))
    d.line([(13.4, 19.2), (18.6, 14.8)], MIDDLE)
    d.line([(10.4, 3.2), (14, 4.6), (17, 2.8), (21, 4)], MIDDLE)


def place_make(d):
    d.part(slab([(4.4, 7.8), (4.4, 12.4), (19.6, 12.4), (19.6, 7.8)]), WIDE)
    d.part(blob([(9.2, 12.2), (9.6, 15.6), (8.2, 18.6), (12, 21.8), (15.8, 18.6), (14.4, 15.6), (14.8, 12.2)]), WIDE)
    d.black(slab([(5.4, 5.6), (5.4, 7.9), (18.6, 7.9), (18.6, 5.6)]))
    d.line([(3, 3.2), (12, 2.8), (21, 3.3)], MIDDLE)


def place_log(d):
    d.part(slab([(3, 4), (3, 19.6), (12.2, 18.2), (12.2, 3)]), WIDE)
    d.part(slab([(11.8, 3), (11.8, 18.2), (21, 19.6), (21, 4)]), WIDE)
    for y in (14.6, 11.4, 8.2):
        d.line([(5.4, y + .8), (9.8, y + .2)], THIN), d.line([(14.2, y + .2), (18.6, y + .8)], THIN)


def do_print(d):
    d.part(slab([(4, 3), (4, 21), (20, 21), (20, 3)]), WIDE)
    d.part(blob([(8, 8), (7, 12), (10, 17), (14, 16.4), (16.6, 12), (15, 8)]), MIDDLE)
    d.hatch(blob([(8, 8), (7, 12), (10, 17), (14, 16.4), (16.6, 12), (15, 8)]).buffer(-1), 45, 2, .7, .1)


def do_cut(d):
    for side in (-1, 1):
        d.part(oval(12 + side * 5, 5.2, 2.9, 2.9).difference(oval(12 + side * 5, 5.2, 1.4, 1.4)), THIN)
        d.black(pen(curve([(12 + side * 3.6, 7.6), (12, 12), (12 - side * 3.4, 21.6)]), 2.0, .55))
    d.white(Point(12, 12).buffer(.8))


def do_tape(d):
    d.part(oval(9.6, 12, 7, 8.4), WIDE)
    d.part(oval(9.6, 12, 3, 3.8), MIDDLE)
    d.part(slab([(11.6, 3.7), (11.6, 6.6), (21.6, 6), (21, 4.8), (22, 3.4)]), MIDDLE)


def mask_shape():
    return blob([(6, 3.6), (3.6, 9), (7.6, 13.4), (6.8, 19), (10.4, 21.4), (12, 15.6), (15.6, 21), (18.6, 18.6), (16.4, 12.6),
                 (20.4, 8.2), (17.4, 3.6)])


def do_mask_on(d):
    d.part(mask_shape(), WIDE)
    d.line([(12, 12.6), (12, 5.2)], WIDE), d.line([(9.2, 8), (12, 5.2), (14.8, 8)], WIDE, .8, smooth=False)


def do_mask_off(d):
    d.part(mask_shape(), WIDE)
    d.line([(12, 5.4), (12, 12.8)], WIDE), d.line([(9.2, 10), (12, 12.8), (14.8, 10)], WIDE, .8, smooth=False)


def do_dry(d):
    d.line([(5, 21.4), (19, 21.4)], WIDE, .8), d.line([(5, 2.6), (19, 2.6)], WIDE, .8)
    d.part(slab([(6.4, 20.8), (17.6, 20.8), (12.8, 12), (17.6, 3.2), (6.4, 3.2), (11.2, 12)]), WIDE)
    d.black(Polygon([(8.4, 4.2), (15.6, 4.2), (12, 8.4)])), d.black(Polygon([(10, 16), (14, 16), (12, 12.6)]))


def do_wash(d):
    d.part(blob([(3.4, 9.4), (5, 14), (12, 15.4), (19, 14), (20.6, 9.4), (12, 8.2)]), WIDE)
    d.part(blob([(9.6, 15), (9.2, 19.4), (12, 21.8), (14.8, 19.4), (14.4, 15)]), WIDE)
    for x, y in ((4.4, 5.6), (9, 4.4), (14, 5.2), (18.8, 4.4)):
        d.line([(x - 1.6, y), (x + 1.6, y - .8)], MIDDLE)
    d.line([(7, 2.4), (17, 2)], THIN)


def do_emboss(d):
    d.part(slab([(5, 2.8), (5, 15.4), (19, 15.4), (19, 2.8)]), WIDE)
    d.part(slab([(4, 15.6), (4, 20.8), (20, 20.8), (20, 15.6)]), WIDE)
    for x, y in ((8, 11.6), (11.6, 12.6), (15.4, 11.4), (9.6, 8.8), (13.4, 9), (16, 7.6), (8, 6), (11.8, 5.8), (15, 5)):
        d.black(Point(x, y).buffer(.72))


def do_wipe(d):
    d.part(blob([(3, 5), (4, 12), (9, 14.4), (12, 20.6), (16, 17.6), (21, 17), (19.6, 10), (21, 4.4), (12, 5.8)]), WIDE)
    d.line([(8, 7.6), (11, 11.2), (12, 16)], THIN), d.line([(14.6, 7.8), (15.4, 12)], THIN)


def do_pencil(d):
    body = [(17.6, 21.6), (21.6, 17.8), (9.2, 5.4), (5.2, 9.4)]
    d.part(slab(body), WIDE), d.part(Polygon([(5, 9.6), (9.4, 5.2), (2.8, 2.8)]), MIDDLE)
    d.black(Polygon([(3.8, 5.6), (5.6, 3.8), (2.6, 2.6)]))
    d.line([(14.6, 18.6), (18.6, 14.8)], MIDDLE)


def do_erase(d):
    d.part(slab([(10.6, 20.6), (20.6, 14.6), (13.6, 3.2), (3.4, 9.2)]), WIDE)
    d.hatch(Polygon([(6.6, 14.2), (16.8, 8.2), (13.6, 3.2), (3.4, 9.2)]).buffer(-.9), 60, 1.7, .7, .1)
    d.line([(2.6, 3.4), (9, 2.8)], MIDDLE)


def do_attach(d):
    d.part(slab([(2, 3), (2, 7), (22, 7), (22, 3)]), WIDE)
    for x in (6, 15):
        d.black(box(x, 8, x + 3.4, 12))
    d.part(slab([(4, 13), (4, 17), (20, 17), (20, 13)]), WIDE)
    d.line([(12, 22.6), (12, 19)], MIDDLE), d.line([(9.8, 20.4), (12, 18.4), (14.2, 20.4)], MIDDLE, smooth=False)


def do_glue(d):
    d.part(slab([(7, 3), (6, 14.4), (18, 14.4), (17, 3)]), WIDE)
    d.part(Polygon([(8.6, 14.6), (11, 20), (13, 20), (15.4, 14.6)]), WIDE)
    d.black(slab([(10.8, 20), (11.3, 22.8), (12.7, 22.8), (13.2, 20)]))
    d.line([(9.6, 10.4), (14.4, 10.4)], MIDDLE), d.line([(9.8, 7.4), (14.2, 7.4)], MIDDLE)


def do_trim(d):
    d.part(slab([(3, 3), (3, 21), (15, 21), (15, 3)]), WIDE)
    for y in (19.4, 15, 10.6, 6.2):
        d.line([(18.4, y + 1.4), (18.4, y - 1.2)], WIDE)
    d.line([(6, 8), (12, 8)], THIN), d.line([(6, 12), (12, 12)], THIN)


def do_score(d):
    d.part(slab([(2.4, 5), (4, 19), (12, 16.4), (12, 3)]), WIDE)
    d.part(slab([(12, 3), (12, 16.4), (20, 19), (21.6, 5)]), WIDE)
    for y in (14.4, 11, 7.6):
        d.line([(12, y), (12, y - 1.6)], WIDE)


def do_enclose(d):
    d.part(slab([(2, 4), (2, 18.6), (22, 18.6), (22, 4)]), WIDE)
    d.line([(2.8, 18), (12, 10.4), (21.2, 18)], WIDE, .7, smooth=False)
    d.line([(3, 5), (9, 11.6)], THIN), d.line([(21, 5), (15, 11.6)], THIN)


def do_draw(d):
    d.line([(2.6, 5), (7, 9.4), (10, 4.2), (14.6, 8)], WIDE)
    d.part(slab([(18.6, 21.6), (22, 18.8), (14.6, 8.6), (12.6, 10.4)]), MIDDLE)
    d.black(Polygon([(12.6, 10.4), (14.8, 8.4), (12, 6.6)]))


def do_accent(d):
    d.part(blob([(5, 12), (9, 17.6), (15, 17.6), (19, 12), (12, 4)]), WIDE)
    d.line([(5.4, 12), (18.6, 12)], THIN), d.line([(9.4, 17), (9.8, 12), (12, 5)], THIN), d.line([(14.6, 17), (14.2, 12), (12, 5)], THIN)
    d.line([(12, 19.8), (12, 22.6)], THIN), d.line([(19, 18), (21, 20)], THIN), d.line([(5, 18), (3, 20)], THIN)


def do_lift(d):
    d.part(blob([(12, 22), (6, 13), (6.4, 7), (12, 3.4), (17.6, 7), (18, 13)]), WIDE)
    d.line([(9.4, 8), (10, 13), (12, 17)], MIDDLE)


def do_own(d):
    d.part(blob([(4, 3), (5, 11), (4.6, 16), (7, 16.8), (8, 12), (8.4, 20.8), (11, 21), (11.2, 13), (12.2, 22.2), (14.6, 22), (14.2, 13),
                 (16, 20), (18.2, 19.2), (17.4, 11), (20.6, 13.4), (22, 11.6), (17, 5.4), (16, 2.4), (9, 2)]), WIDE)


def act_open(d):
    d.part(slab([(2.4, 4), (2.4, 19), (9, 19), (11, 16.6), (20, 16.6), (20, 4)]), WIDE)
    d.part(slab([(2.6, 4), (6.4, 12.6), (23, 12.6), (19.6, 4)]), WIDE)


# Acts: of the file, of the hand, of the eye.

def arrow(d, points, width=WIDE, smooth=True, size=3.4):
    """A line that ends in an open point."""
    d.line(points, width, .8, smooth=smooth)
    (ax, ay), (bx, by) = points[-2:]
    way = math.atan2(by - ay, bx - ax)
    for turn in (2.5, -2.5):
        d.line([(bx, by), (bx + size * math.cos(way + turn), by + size * math.sin(way + turn))], width, .7)


def cross(d, x, y, r=3.2, width=WIDE):
    d.line([(x - r, y), (x + r, y)], width, .8), d.line([(x, y - r), (x, y + r)], width, .8)


def stamp_block(d, x=0, y=0):
    """A rubber stamp on its knob."""
    d.part(slab([(4 + x, 6 + y), (4 + x, 10 + y), (18 + x, 10 + y), (18 + x, 6 + y)]), MIDDLE)
    d.part(blob([(8.6 + x, 10 + y), (9 + x, 13 + y), (7.6 + x, 16 + y), (11 + x, 19 + y), (14.4 + x, 16 + y), (13 + x, 13 + y),
                 (13.4 + x, 10 + y)]), MIDDLE)
    d.black(slab([(4.8 + x, 4.2 + y), (4.8 + x, 6 + y), (17.2 + x, 6 + y), (17.2 + x, 4.2 + y)]))


def tree(d, x, y, tall, width=MIDDLE):
    half = tall * .2
    d.line([(x, y), (x, y + tall * .5)], width, .9)
    d.part(blob([(x, y + tall * .2), (x - half, y + tall * .55), (x, y + tall), (x + half, y + tall * .55)]), width)


def leaf(d, left=5, low=2.6, right=17, high=21.4, width=WIDE):
    return d.part(slab([(left, low), (left, high), (right, high), (right, low)]), width)


def act_new(d):
    d.part(slab([(2.6, 4), (2.6, 18), (10, 19.6), (10, 5.4)]), WIDE)
    d.part(slab([(9.6, 5.4), (9.6, 19.6), (16, 17.4), (16, 2.6)]), WIDE)
    cross(d, 19, 19, 3)


def act_save(d):
    d.part(slab([(6, 9), (6, 21.6), (18, 21.6), (18, 9)]), MIDDLE)
    d.black(oval(12, 17.4, 1.9, 1.9))
    d.part(slab([(2.4, 2.6), (2.4, 12.4), (7.4, 12.4), (9, 10.2), (15, 10.2), (16.6, 12.4), (21.6, 12.4), (21.6, 2.6)]), WIDE)


def act_title(d):
    d.part(slab([(2.6, 7.4), (7.2, 12.6), (21.4, 12.6), (21.4, 2.4), (7.2, 2.4)]), WIDE)
    d.part(oval(7.8, 7.5, 1.3, 1.3), THIN)
    d.line([(11, 7.4), (18.4, 7.6)], MIDDLE)
    d.line([(7.4, 8.6), (4, 14), (8, 18), (13, 21.4)], THIN)


def act_undo(d):
    arrow(d, [(19.6, 4.4), (20.6, 10.6), (16.4, 15.2), (10, 15.6), (4, 12.4)])


def act_redo(d):
    arrow(d, [(4.4, 4.4), (3.4, 10.6), (7.6, 15.2), (14, 15.6), (20, 12.4)])


def act_print(d):
    leaf(d, 6.4, 12, 17.6, 21.8, MIDDLE)
    d.part(slab([(2.6, 6.4), (2.6, 14.6), (21.4, 14.6), (21.4, 6.4)]), WIDE)
    leaf(d, 6, 2.2, 18, 8.8, MIDDLE)
    d.line([(8, 5.6), (16, 5.8)], THIN)
    d.black(Point(18.4, 11.8).buffer(.9))


def act_out(d):
    leaf(d, 3, 2.6, 14.6, 20.6)
    d.hide(box(9, 8, 15.6, 15))
    arrow(d, [(8, 11.4), (15, 11.4), (21.4, 11.4)], smooth=False, size=4)


def act_add(d):
    stamp_block(d, -1.4, -1)
    cross(d, 19, 19, 3.2)


def act_scan(d):
    d.part(slab([(2.4, 3), (2.4, 9), (21.6, 9), (21.6, 3)]), WIDE)
    d.part(Polygon([(3.4, 9.2), (6, 20.6), (22.4, 20.6), (20.6, 9.2)]), MIDDLE)
    d.line([(6.6, 13.6), (20.2, 13.6)], WIDE, .8)
    for x in (8.4, 12, 15.6):
        d.line([(x, 12), (x - .6, 10.2)], THIN)
    d.black(Point(6, 6).buffer(.9))


def act_leave(d):
    d.part(slab([(3, 2.6), (3, 21.4), (12.4, 21.4), (12.4, 2.6)]), WIDE)
    d.black(Point(10, 11.6).buffer(.9))
    arrow(d, [(14.8, 11.6), (18, 11.6), (22, 11.6)], smooth=False)


def act_copy(d):
    leaf(d, 8.6, 6.4, 20.6, 21.6, MIDDLE), leaf(d, 3.4, 2.4, 15.4, 17.6)
    d.black(oval(9.4, 10.4, 2.2, 2.2))


def act_paste(d):
    leaf(d, 3.4, 2.4, 20.6, 15.6)
    d.black(oval(12, 7, 2.2, 2.2))
    arrow(d, [(12, 21.8), (12, 17), (12, 11.4)], MIDDLE, smooth=False)


def act_another(d):
    for x in (6.8, 17):
        d.black(oval(x, 6.4, 3, 3.8)), d.black(oval(x, 12, 2, 2))
        d.black(pen(curve([(x - .8, 13), (x - 1.5, 18.6)]), 1.5, .6)), d.black(pen(curve([(x + .8, 13), (x + 1.9, 18.2)]), 1.5, .6))


def act_off(d):
    leaf(d, 2.4, 2.6, 14, 15)
    d.hide(box(8, 8.6, 15, 16))
    d.part(oval(8.4, 8, 2.6, 2.6), MIDDLE)
    arrow(d, [(11, 10.6), (15, 14.6), (20.6, 20.4)], smooth=False, size=4.4)


def act_hero(d):
    d.black(oval(12, 8, 3.6, 4.6)), d.black(oval(12, 14.4, 2.5, 2.5))
    d.black(pen(curve([(11, 16), (10, 22)]), 1.7, .6)), d.black(pen(curve([(13, 16), (14.6, 21.6)]), 1.7, .6))
    for a in range(0, 360, 45):
        if a in (90, 270):
            continue
        x, y = math.cos(math.radians(a)), math.sin(math.radians(a))
        d.line([(12 + 7.2 * x, 11.4 + 7.2 * y), (12 + 10.4 * x, 11.4 + 10.4 * y)], MIDDLE, .7)


def act_front(d):
    d.part(slab([(9, 8.6), (9, 21.4), (21.6, 21.4), (21.6, 8.6)]), THIN)
    d.black(slab([(2.6, 2.6), (2.6, 15.2), (15.2, 15.2), (15.2, 2.6)]))


def act_behind(d):
    d.black(slab([(9, 8.6), (9, 21.4), (21.6, 21.4), (21.6, 8.6)]))
    d.part(slab([(2.6, 2.6), (2.6, 15.2), (15.2, 15.2), (15.2, 2.6)]), WIDE)


def act_upright(d):
    tree(d, 12, 3.4, 18.4)
    d.line([(3, 3.2), (21, 3.2)], WIDE, .8)


def act_line(d):
    d.line([(2.4, 4.4), (21.6, 4.4)], WIDE, .8)
    tree(d, 6.4, 4.6, 16), tree(d, 13, 4.6, 10), tree(d, 18.4, 4.6, 13)


def act_even(d):
    for x in (3.6, 12, 20.4):
        d.line([(x, 4), (x, 20)], WIDE, .8)
    for x in (4.8, 13.2):
        d.line([(x + .9, 12), (x + 5.4, 12)], THIN, .9)
        for way in (0, 1):
            at = x + .7 if way == 0 else x + 5.7
            d.line([(at, 12), (at + (1.7 if way == 0 else -1.7), 13.7)], THIN), d.line([(at, 12), (at + (1.7 if way == 0 else -1.7), 10.3)], THIN)


def act_row(d):
    tree(d, 19, 12.2, 6, THIN), tree(d, 13.6, 9, 10, THIN), tree(d, 6.2, 3.4, 18)


def act_crowd(d):
    for x, y, r in ((5, 15.6, 1.9), (11.4, 16.4, 1.9), (17.8, 15.8, 1.9), (8, 9, 2.5), (15.6, 9.2, 2.5)):
        d.part(blob([(x - 1.8 * r, y - 3.2 * r), (x - 1.2 * r, y - 1.2 * r), (x, y - .8 * r), (x + 1.2 * r, y - 1.2 * r),
                     (x + 1.8 * r, y - 3.2 * r)]), THIN)
        d.black(oval(x, y, r, r * 1.1))


def act_choose(d):
    d.part(oval(12, 13, 9.8, 7.6, 12).difference(oval(12, 13, 8.4, 6.2, 12)), THIN)
    d.line([(5, 7.4), (3.4, 4.6), (6.6, 2.4), (9.4, 4.6)], MIDDLE)
    d.black(oval(8.8, 13.4, 1.9, 2.4)), d.black(oval(15.4, 14.2, 1.9, 2.4))


def act_hold(d):
    d.part(blob([(7.2, 13), (6.6, 17.4), (12, 21), (17.4, 17.4), (16.8, 13), (12, 11.4)]), WIDE)
    d.line([(12, 11.4), (11.8, 2.4)], WIDE, .6)
    d.line([(9.4, 17.6), (12, 19)], THIN)


def eye(d):
    d.part(blob([(2, 12), (7, 16.4), (12, 17.8), (17, 16.4), (22, 12), (17, 7.6), (12, 6.2), (7, 7.6)]), WIDE)
    d.part(oval(12, 12, 3.6, 3.6), MIDDLE), d.black(oval(12, 12, 1.7, 1.7))


def act_see(d):
    eye(d)


def act_hide(d):
    d.line([(2, 13.4), (7, 9.4), (12, 8.2), (17, 9.4), (22, 13.4)], WIDE, .8)
    for (ax, ay), (bx, by) in (((5, 10), (3, 6.6)), ((9.4, 8), (8.6, 4.2)), ((14.6, 8), (15.4, 4.2)), ((19, 10), (21, 6.6))):
        d.line([(ax, ay), (bx, by)], MIDDLE)


def glass(d):
    d.line([(14.6, 9.4), (21.4, 2.6)], 2.4, .9)
    d.part(oval(9.6, 14.4, 7, 7).difference(oval(9.6, 14.4, 5.4, 5.4)), THIN)


def act_find(d):
    glass(d)


def act_closer(d):
    glass(d), cross(d, 9.6, 14.4, 2.8, MIDDLE)


def act_farther(d):
    glass(d), d.line([(6.8, 14.4), (12.4, 14.4)], MIDDLE, .8)


def act_whole(d):
    for x, y, sx, sy in ((2.8, 4, 1, 1), (21.2, 4, -1, 1), (2.8, 20, 1, -1), (21.2, 20, -1, -1)):
        d.line([(x, y + 5 * sy), (x, y), (x + 5 * sx, y)], WIDE, .8, smooth=False)
    d.part(slab([(7.4, 7.8), (7.4, 16.2), (16.6, 16.2), (16.6, 7.8)]), MIDDLE)


def act_walk(d):
    d.line([(2, 8.4), (9, 11.4), (16, 10.4), (22, 12.6)], WIDE, .8)
    d.part(oval(5.6, 14, 1.8, 3.2, 20), THIN), d.part(oval(12, 17, 1.6, 2.9, 10), THIN), d.part(oval(18, 17.2, 1.4, 2.4, 5), THIN)
    d.line([(2, 4), (12, 4.8), (22, 3.8)], THIN)


def act_measure(d):
    d.part(slab([(2.2, 7), (2.2, 16), (21.8, 16), (21.8, 7)]), WIDE)
    for k, x in enumerate((5.4, 8.7, 12, 15.3, 18.6)):
        d.line([(x, 15.4), (x, 10 if k % 2 else 12.2)], MIDDLE, .9)


def act_sheet(d):
    d.part(slab([(4.6, 2.4), (4.6, 21.6), (14.4, 21.6), (19.4, 16.6), (19.4, 2.4)]), WIDE)
    d.part(Polygon([(14.2, 21.4), (14.2, 16.4), (19.2, 16.4)]), MIDDLE)


def act_letters(d):
    d.line([(2.4, 5), (6.6, 14), (10.8, 5)], MIDDLE, .8, smooth=False), d.line([(4.2, 8.2), (9, 8.2)], THIN)
    d.line([(10.4, 4.6), (16.4, 20.4), (22.2, 4.6)], WIDE, .8, smooth=False), d.line([(13, 10), (19.8, 10)], MIDDLE)


def act_dark(d):
    d.black(oval(11.4, 12, 8.6, 8.6).difference(oval(15.6, 14.4, 7.4, 7.4)))
    for x, y in ((18, 18.4), (20.4, 11.6), (15.4, 12.6)):
        d.black(Point(x, y).buffer(.8))




def act_tongue(d):
    d.part(blob([(2.4, 13.4), (5, 19.6), (12, 21), (19, 19.6), (21.6, 13.4), (18.6, 7.8), (11, 6.6), (6, 2.4), (6.4, 7.6)]), WIDE)
    d.line([(7.4, 15.6), (16.6, 15.8)], MIDDLE), d.line([(7.4, 11.8), (14, 12)], MIDDLE)


def act_still(d):
    for x in (8, 16):
        d.black(slab([(x - 1.9, 3.4), (x - 1.9, 20.6), (x + 1.9, 20.6), (x + 1.9, 3.4)]))


def act_large(d):
    d.part(oval(12, 12, 9.6, 9.6), WIDE), d.part(oval(12, 12, 5.4, 5.4), THIN), d.black(oval(12, 12, 2.2, 2.2))


def act_handbook(d):
    d.part(slab([(3.4, 3), (3.4, 21), (19.6, 21.4), (19.6, 3.4)]), WIDE)
    d.line([(6.6, 3.6), (6.6, 20.6)], MIDDLE, .8)
    d.line([(10, 15.2), (12.4, 18), (15.6, 16.4), (14.8, 13.4), (12.6, 11.8), (12.6, 9.8)], MIDDLE, .7)
    d.black(Point(12.6, 7).buffer(1))


def act_explain(d):
    d.line([(7, 16.2), (11, 21), (17, 19.4), (17.4, 14.4), (12.6, 11.4), (12.2, 7.6)], 1.9, .7)
    d.black(Point(12.2, 3.8).buffer(1.5))


def act_lesson(d):
    d.line([(8, 2.2), (8, 21.6)], WIDE, .9)
    d.part(slab([(8, 14.4), (8, 20.4), (18, 20.4), (22, 17.4), (18, 14.4)]), WIDE)
    d.part(slab([(8, 7.6), (8, 12), (5.4, 12), (2.2, 9.8), (5.4, 7.6)]), THIN)
    d.line([(4, 2.6), (13, 2.6)], MIDDLE)


def act_demo(d):
    d.part(Polygon([(6, 21.6), (13.6, 19.8), (15.6, 11.4), (7.4, 14)]), WIDE)
    d.line([(6, 21.4), (15.4, 11.6)], THIN), d.line([(7.6, 14.2), (13.4, 19.6)], THIN)
    d.line([(15.6, 11.2), (17, 7.4), (14, 4.6), (18.6, 2.4)], MIDDLE)


def act_about(d):
    d.part(blob([(6.4, 8), (7, 12.4), (12, 14.4), (17, 12.4), (17.6, 8), (12, 3)]), WIDE)
    d.part(blob([(9.4, 12.6), (6.4, 17), (6.6, 22), (9.4, 20), (11.4, 13.6)]), MIDDLE), d.part(blob([(14.6, 12.6), (17.6, 17), (17.4, 22), (14.6, 20), (12.6, 13.6)]), MIDDLE)
    for x in (9.6, 14.4):
        d.black(Point(x, 9.4).buffer(.9))
    d.line([(10.6, 5.8), (12, 5), (13.4, 5.8)], THIN)


def act_arrange(d):
    d.black(oval(12, 12.6, 2.6, 2.6))
    for k in range(3):
        a = math.radians(90 + 120 * k)
        x, y = 12 + 8 * math.cos(a), 12.6 + 8 * math.sin(a)
        d.part(slab([(x - 2.6, y - 2.2), (x - 2.6, y + 2.2), (x + 2.6, y + 2.2), (x + 2.6, y - 2.2)]), MIDDLE)


def act_practice(d):
    d.part(oval(12, 12, 9.4, 9.4), WIDE)
    d.line([(6.8, 11.6), (10.8, 7.4), (17.4, 17)], WIDE, .7, smooth=False)


def act_light(d):
    d.part(oval(12, 12, 4.4, 4.4), WIDE)
    for k in range(8):
        x, y = math.cos(math.pi * k / 4), math.sin(math.pi * k / 4)
        d.line([(12 + 6.6 * x, 12 + 6.6 * y), (12 + 10.4 * x, 12 + 10.4 * y)], MIDDLE, .7)


def act_wrong(d):
    d.part(blob([(4, 6), (4.4, 12), (9, 13.4), (10, 19), (14, 20.4), (16, 15), (20.6, 12), (18.4, 5.4), (12, 3.4)]), WIDE)
    for x, y, r in ((20, 19.4, 1.4), (4, 18.4, 1), (7, 21, .8)):
        d.black(Point(x, y).buffer(r))


def act_done(d):
    d.line([(3.4, 11.4), (9.6, 4.4), (20.8, 19.6)], 2.3, .6, smooth=False)


def act_compare(d):
    leaf(d, 2.4, 4, 10.6, 20), leaf(d, 13.4, 4, 21.6, 20)
    d.black(oval(6.5, 11, 1.9, 2.4)), d.part(oval(17.5, 12.4, 1.9, 2.4), THIN)



DRAWINGS = {name.replace('_', '-'): f for name, f in sorted(globals().items()) if name.split('_')[0] in ('place', 'do', 'act') and callable(f)}


def main():
    folder = sys.argv[1]
    os.makedirs(folder, exist_ok=True)
    sheet = []
    for k, (name, draw) in enumerate(DRAWINGS.items()):
        d = Drawing(zlib.crc32(name.encode()))
        draw(d)
        path = path_data(clean(d.ink).simplify(.03), SIZE)
        with open(os.path.join(folder, name + '.svg'), 'w') as f:
            f.write(f'<svg xmlns="http://www.w3.org/2000/svg" width="{SIZE}" height="{SIZE}" viewBox="0 0 {SIZE} {SIZE}">'
                    f'<path fill-rule="evenodd" d="{path}"/></svg>\n')
        x, y = (k % 12) * 30, (k // 12) * 36
        sheet.append(f'<path transform="translate({x + 3} {y + 3})" fill-rule="evenodd" d="{path}"/>'
                     f'<text x="{x + 15}" y="{y + 33}" font-size="4" text-anchor="middle">{name}</text>')
    if len(sys.argv) > 2:
        with open(sys.argv[2], 'w') as f:
            f.write(f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 360 {36 * (len(DRAWINGS) // 12 + 1)}" width="1440"><rect width="100%" height="100%" fill="#fbfaf5"/>' + ''.join(sheet) + '</svg>')


if __name__ == '__main__':
    main()
