"""The small drawings of the window: places, acts, kinds of steps, in the hand of the stamps. One SVG each, black,
24 units square; the window lays its own inks over them. Usage: drawings.py FOLDER [SHEET.svg]"""
import math
import os
import sys

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


DRAWINGS = {name.replace('_', '-'): f for name, f in sorted(globals().items()) if name.split('_')[0] in ('place', 'do', 'act') and callable(f)}


def main():
    folder = sys.argv[1]
    os.makedirs(folder, exist_ok=True)
    sheet = []
    for k, (name, draw) in enumerate(DRAWINGS.items()):
        d = Drawing(300 + k)
        draw(d)
        path = path_data(clean(d.ink).simplify(.03), SIZE)
        with open(os.path.join(folder, name + '.svg'), 'w') as f:
            f.write(f'<svg xmlns="http://www.w3.org/2000/svg" width="{SIZE}" height="{SIZE}" viewBox="0 0 {SIZE} {SIZE}">'
                    f'<path fill-rule="evenodd" d="{path}"/></svg>\n')
        x, y = (k % 9) * 30, (k // 9) * 36
        sheet.append(f'<path transform="translate({x + 3} {y + 3})" fill-rule="evenodd" d="{path}"/>'
                     f'<text x="{x + 15}" y="{y + 33}" font-size="4" text-anchor="middle">{name}</text>')
    if len(sys.argv) > 2:
        with open(sys.argv[2], 'w') as f:
            f.write(f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 270 {36 * (len(DRAWINGS) // 9 + 1)}" width="1080"><rect width="100%" height="100%" fill="#fbfaf5"/>' + ''.join(sheet) + '</svg>')


if __name__ == '__main__':
    main()
