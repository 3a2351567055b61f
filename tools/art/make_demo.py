#!/usr/bin/python3
"""Draws the demo stamps and writes data/demo: one SVG a stamp, the demo plan and the teaching plans.
Needs python3-shapely, python3-fonttools and fonts-goudybookletter (public domain letters of the greeting).
Run from the project's root: /usr/bin/python3 tools/art/make_demo.py [contact-sheet.svg]"""
import json
import os
import sys
import zipfile

sys.path.insert(0, os.path.dirname(__file__))
import drawer
import plans
import practice
from rubber import clean, path_data, rings
from shapely.affinity import translate
from shapely.ops import unary_union
from shed import shed
from stamps import everything
from surroundings import surroundings

INK = '#000000'
OUT = 'data/demo'


def finished(drawing, facts):
    """The stamp as the plan file has it, its frame fitted round what prints."""
    ink = clean(drawing.ink)
    whole = unary_union([ink, drawing.silhouette])
    x0, y0, x1, y1 = whole.bounds
    shift = lambda g: translate(g, -x0, -y0)
    ink, silhouette = shift(ink), shift(unary_union([drawing.silhouette, ink.buffer(.02)]) if facts['role'] != 'sentiment' else drawing.silhouette)
    width, height = round(x1 - x0, 2), round(y1 - y0, 2)
    art = (f'<svg xmlns="http://www.w3.org/2000/svg" width="{width}mm" height="{height}mm" viewBox="0 0 {width} {height}">'
           f'<path fill="{INK}" fill-rule="evenodd" d="{path_data(ink, height)}"/></svg>')
    stamp = dict(id=facts['id'], name=facts['name'], role=facts['role'], size=dict(width=width, height=height), solid=bool(facts.get('solid')),
                 foot=[round(facts['foot'][0] - x0, 2), round(facts['foot'][1] - y0, 2)], facing=facts['facing'], silhouette=rings(silhouette), art=art)
    stamp['drawer'] = f'sample-{facts["id"]}'
    if facts.get('contacts'):
        stamp['contacts'] = [dict(kind=c['kind'], at=[round(c['at'][0] - x0, 2), round(c['at'][1] - y0, 2)]) for c in facts['contacts']]
    if facts['id'] in drawer.HOME:
        stamp['home'] = drawer.HOME[facts['id']]
    if facts['real']:
        t, lo, hi = facts['real']
        stamp['realHeight'] = dict(typical=t, least=lo, most=hi)
    return stamp


def contact_sheet(stamps, path):
    body, x, y, row = [], 8, 8, 0
    for s in stamps:
        w, h = s['size']['width'], s['size']['height']
        if x + w > 250:
            x, y, row = 8, y + row + 8, 0
        inner = s['art'][s['art'].index('<path'):s['art'].rindex('</svg>')]
        body.append(f'<g transform="translate({x} {y})">{inner}</g>')
        x, row = x + w + 8, max(row, h)
    open(path, 'w').write(f'<svg xmlns="http://www.w3.org/2000/svg" width="258mm" height="{y + row + 8}mm" viewBox="0 0 258 {y + row + 8}">'
                          f'<rect width="258" height="{y + row + 8}" fill="#fdfcf7"/>' + ''.join(body) + '</svg>')


def pack_drawer(stamps, facts, path):
    """The sample drawer as Havlo exports one: drawer.json and one SVG a stamp."""
    cards = []
    for s in stamps:
        bare = {k: v for k, v in s.items() if k != 'art'}
        f = facts[s['id']]
        cards.append(dict(key=f'sample-{s["id"]}', set=f.get('set', drawer.SET), tags=f.get('tags', []), mounting=f.get('mounting', 'redRubber'),
                          die=bool(f.get('die')), place=f.get('place', ''), notes='', art=f'stamps/{s["id"]}.svg', stamp=bare))
    index = dict(format='havlo-drawer', version=1, stamps=cards, inks=list(plans.INKS.values()), papers=drawer.PAPERS, masks=drawer.MASKS, goods=drawer.GOODS)
    with zipfile.ZipFile(path, 'w', zipfile.ZIP_DEFLATED) as z:
        def add(name, text):
            z.writestr(zipfile.ZipInfo(name, (2000, 1, 1, 0, 0, 0)), text, zipfile.ZIP_DEFLATED)
        add('drawer.json', json.dumps(index, ensure_ascii=False, separators=(', ', ': ')))
        for s in stamps:
            add(f'stamps/{s["id"]}.svg', s['art'])


# A point in a fiddly part that is worth cutting.
CUT_ALL_THE_SAME = {'duck': [[16.92, .57]], 'kite': [[6.01, 6.85], [5.84, 3.2]], 'watering-can': [[7.14, 16.32]]}


def main():
    os.makedirs(f'{OUT}/stamps', exist_ok=True)
    drawn = everything() + surroundings() + shed()
    stamps = [finished(*s) for s in drawn]
    for s in stamps:
        open(f'{OUT}/stamps/{s["id"]}.svg', 'w').write(s['art'] + '\n')
        print(f'{s["id"]:16} {s["size"]["width"]:7} x {s["size"]["height"]:6} mm, foot {s["foot"]}, {sum(map(len, s["silhouette"]))} points, {len(s["art"]) // 1024} kB')
    for s in stamps:
        if s['id'] in CUT_ALL_THE_SAME:
            s['mask'] = dict(cut=CUT_ALL_THE_SAME[s['id']])
    by_id = {s['id']: s for s in stamps}
    for name, plan in plans.all_plans(by_id).items():
        json.dump(plan, open(f'{OUT}/{name}.havlo', 'w'), indent=None, separators=(', ', ': '), ensure_ascii=False)
    drills = os.path.join(os.path.dirname(OUT), 'practice')
    os.makedirs(drills, exist_ok=True)
    for name, plan in practice.all_practice(by_id).items():
        json.dump(plan, open(f'{drills}/{name}.havlo', 'w'), indent=None, separators=(', ', ': '), ensure_ascii=False)
    pack_drawer(stamps, {f['id']: f for _, f in drawn}, f'{OUT}/canal-drawer.zip')
    if len(sys.argv) > 1:
        contact_sheet(stamps, sys.argv[1])


main()
