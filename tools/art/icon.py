"""The icon of the program and of its files, with the pen of the stamps: a card with a hill, a poplar and a hare that
flies a kite; a drawer of stamps; the hare's head alone, in one ink. Usage: icon.py FOLDER"""
import os
import sys

from shapely.affinity import scale, translate
from shapely.geometry import Polygon, box

from drawings import DRAWINGS, slab
from rubber import Drawing, blob, clean, curve, oval, path_data, pen

SIZE = 64
SKY, GLOW, HILL, NEAR, INK, PAPER, RED = '#bcd3dc', '#f3dfb8', '#9fb79a', '#6d8f62', '#2b3a35', '#fbfaf5', '#b5462f'


def path(area, fill):
    return f'<path fill="{fill}" fill-rule="evenodd" d="{path_data(area, SIZE)}"/>'


def hare(x, y, s):
    parts = [oval(x, y + 5 * s, 3.4 * s, 5 * s), oval(x + 1.2 * s, y + 12 * s, 2.6 * s, 2.6 * s),
             pen(curve([(x + .6 * s, y + 13 * s), (x - 1.2 * s, y + 20 * s)]), 2.1 * s, .6),
             pen(curve([(x + 2 * s, y + 13.4 * s), (x + 2.6 * s, y + 20.4 * s)]), 2.1 * s, .6),
             pen(curve([(x + 2 * s, y + 7 * s), (x + 5.4 * s, y + 9.6 * s)]), 1.7 * s, .7),
             oval(x - 3 * s, y + 2.2 * s, 1.4 * s, 1.4 * s)]
    out = parts[0]
    for p in parts[1:]:
        out = out.union(p)
    return out


def card():
    frame = box(6, 6, 58, 58).buffer(2).buffer(0)
    face = box(8, 8, 56, 56)
    hills = blob([(-4, 0), (-2, 24), (14, 31), (30, 25), (46, 32), (68, 24), (70, 0)]).intersection(face)
    near = blob([(-6, -6), (-4, 17), (20, 20), (44, 15), (70, 19), (70, -6)]).intersection(face)
    tree = blob([(17, 17), (12.4, 30), (16.6, 47), (20.8, 30)])
    kite = Polygon([(42, 52), (50.4, 49.4), (48.6, 40.4), (41.4, 44)])
    string = pen(curve([(38.2, 26.6), (43, 33), (45.4, 42)]), .9, .8)
    tail = pen(curve([(48.6, 40.4), (52, 37), (50, 33.6), (53.4, 31)]), 1.0, .6)
    rim = frame.difference(box(7.6, 7.6, 56.4, 56.4))
    return ''.join([path(frame, PAPER), path(face, SKY), path(oval(33, 28, 22, 12).intersection(face), GLOW), path(hills, HILL),
                    path(tree, INK), path(near, NEAR), path(string, INK), path(tail, INK), path(kite, RED),
                    path(kite.exterior.buffer(.55), INK), path(hare(33.6, 13, .98), INK), path(rim, INK)])


def drawer():
    front = slab([(6, 8), (6, 36), (58, 36), (58, 8)])
    rim = front.exterior.buffer(1.3)
    inside = slab([(9, 34), (12, 54), (52, 54), (55, 34)])
    knob = slab([(25, 18), (25, 26), (39, 26), (39, 18)])
    stamps = ''
    for x, head in ((16, 0), (28, 3), (40, 1)):
        block = blob([(x + 2, 34), (x + 2.6, 43), (x + .6, 48 + head), (x + 4.4, 53 + head), (x + 8.2, 48 + head), (x + 6.2, 43), (x + 6.8, 34)])
        stamps += path(block, '#d8b98a') + path(block.exterior.buffer(.7), INK)
    return ''.join([path(inside, '#8c6c48'), path(inside.exterior.buffer(.9), INK), stamps, path(front, '#c69c6d'), path(rim, INK),
                    path(knob, PAPER), path(knob.exterior.buffer(.8), INK)])


def symbolic():
    d = Drawing(7)
    DRAWINGS['act-about'](d)
    area = scale(clean(d.ink).simplify(.02), 16 / 24, 16 / 24, origin=(0, 0))
    return f'<path fill="#2e3436" fill-rule="evenodd" d="{path_data(area, 16)}"/>'


def write(folder, name, size, body):
    with open(os.path.join(folder, name), 'w') as f:
        f.write(f'<svg xmlns="http://www.w3.org/2000/svg" width="{size}" height="{size}" viewBox="0 0 {size} {size}">{body}</svg>\n')


def main():
    folder = sys.argv[1]
    os.makedirs(folder, exist_ok=True)
    write(folder, 'havlo.svg', SIZE, card())
    write(folder, 'application-x-havlo-plan.svg', SIZE, card())
    write(folder, 'application-x-havlo-drawer.svg', SIZE, drawer())
    write(folder, 'havlo-symbolic.svg', 16, symbolic())


if __name__ == '__main__':
    main()
