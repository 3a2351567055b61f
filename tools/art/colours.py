#!/usr/bin/python3
"""Colours the demo scenes and lessons by hand: puts colourings, names of parts and the markers they need into the
plans of data/demo, and the markers into the sample drawer. What was coloured before is replaced.
Run from the project's root: /usr/bin/python3 tools/art/colours.py"""
import io
import json
import re
import zipfile

DEMO = 'data/demo'


def marker(name, colour):
    return dict(id=name.lower(), name=name, kind='marker', colour=colour, opacity=0, dryOnCard=30, dryOnMask=120, generations=[1, .7, .49])


MARKERS = {m['id']: m for m in [
    marker('Rowan', '#b43328'), marker('Ginger', '#cc7430'), marker('Fawn', '#b98a58'), marker('Oat', '#dcc49a'), marker('Fern', '#6f8f4c'), marker('Moss', '#4f6d3d'),
    marker('Bark', '#86623f'), marker('Pool', '#7ba4bf'), marker('Brick', '#b5664a'), marker('Straw', '#dcb352'), marker('Pewter', '#8b8f94'),
]}

# Names of parts, by stamp: a point in each.
PARTS = {
    'hare': dict(coat=(7.5, 16.8), legs=(7.8, 7.7), head=(10.7, 25.9), ears=(6.7, 34.3), scarf=(4.4, 22.5), paw=(18.6, 24.2), sleeve=(17.0, 21.4)),
    'kite': dict(lower_left=(5.9, 18.4), lower_right=(9.1, 15.2), upper_left=(7.0, 28.1), upper_right=(9.3, 28.2)),
    'duck': dict(body=(14.5, 5.7), head=(15.5, 10.3), wing=(11.0, 4.2), tail=(4.4, 4.5), reflection=(15.0, .5)),
    'lock-cottage': dict(roof=(30.8, 17.8), front=(30.0, 3.3), gable=(4.7, 2.9)),
    'long-boat': dict(hull=(2.9, 5.9), cabin=(24.0, 10.0)),
    'cat-asleep': dict(body=(15.5, 9.7), head=(4.9, 10.5)),
    'pot-geranium': dict(pot=(8.5, 6.5), rim=(8.6, 11.6)),
    'watering-can': dict(can=(6.5, 5.6), spout=(15.7, 7.0)),
}
AWAY = 'awayFromLight'


def all_of(ink, strength=.8, shade=AWAY, way='marker'):
    return [('all', ink, strength, shade, way)]


HARE = [('coat', 'rowan', .85), ('legs', 'fawn', .6), ('head', 'fawn', .55), ('ears', 'fawn', .5), ('scarf', 'straw', .8), ('paw', 'fawn', .55), ('sleeve', 'rowan', .85)]
DUCK = [('body', 'bark', .55), ('head', 'moss', .75), ('wing', 'oat', .7), ('tail', 'bark', .6), ('reflection', None)]
PALE_DUCK = [('body', 'oat', .6), ('head', 'bark', .4), ('wing', 'oat', .4), ('tail', 'oat', .5), ('reflection', None)]
SCENES = {
    'canal-towpath': {
        'hare': HARE,
        'kite': [('lower_left', 'rowan', .7), ('upper_right', 'rowan', .7), ('lower_right', 'straw', .75), ('upper_left', 'straw', .75), ('rest', 'pool', .7, 'flat')],
        'duck': DUCK,
        'post1': all_of('bark', .5), 'post2': all_of('bark', .4), 'post3': all_of('bark', .3),
        'poplar1': all_of('moss', .5), 'poplar2': all_of('moss', .4), 'poplar3': all_of('fern', .35),
        'boat': [('hull', 'pewter', .45), ('cabin', 'pool', .4)],
        'cottage': [('roof', 'brick', .35), ('front', 'oat', .4), ('gable', 'oat', .3)],
    },
    'potting-shed': {
        'cat': [('body', 'ginger', .95), ('head', 'ginger', .85), ('rest', 'ginger', .7)],
        'geranium': [('pot', 'brick', .5), ('rim', 'brick', .4), ((8.6, 28.6), 'rowan', .5), ((2.7, 24.0), 'rowan', .45), ((14.7, 25.0), 'rowan', .45),
                     ((14.5, 17.5), 'fern', .5), ((4.8, 17.4), 'fern', .5), ((8.2, 14.0), 'fern', .5), ((18.0, 13.6), 'fern', .45), ((1.5, 13.6), 'fern', .45)],
        'can': [('can', 'pool', .45), ('spout', 'pool', .4), ('rest', 'pool', .35)],
        'seedling1': [((4.3, 3.9), 'brick', .55), ((1.4, 7.4), 'brick', .45), ('rest', 'fern', .7, 'flat')], 'seedling2': 'seedling1', 'seedling3': 'seedling1',
        'spade': [((3.5, 6.7), 'pewter', .5), ('rest', 'oat', .6)],
        'onions': all_of('straw', .4),
    },
    'misty-fen': {
        'left1': all_of('moss', .3), 'left2': all_of('moss', .24), 'right1': all_of('moss', .27), 'right2': all_of('fern', .2),
        'moon': all_of('straw', .35, 'flat'),
    },
    'teaching-crowd': {'duck2': DUCK, 'duck1': PALE_DUCK, 'duck3': 'duck1', 'duck4': 'duck1', 'duck5': 'duck1', 'duck6': 'duck1'},
    # As dull as its lesson wants it: the hare pale, far things as strong as near ones.
    'teaching-dull': {
        'hare': [('coat', 'straw', .5), ('sleeve', 'straw', .5), ('legs', 'oat', .3), ('head', 'oat', .3), ('ears', 'oat', .3), ('scarf', 'oat', .3), ('paw', 'oat', .3)],
        'duck': [('body', 'pewter', .5), ('head', 'pewter', .6), ('wing', 'pewter', .4), ('tail', 'pewter', .5), ('reflection', None)],
        'post1': all_of('pewter', .35), 'post2': all_of('pewter', .35), 'post3': all_of('pewter', .35),
        'poplar1': all_of('moss', .22), 'poplar2': all_of('moss', .22), 'poplar3': all_of('moss', .22),
        'boat': [('hull', 'brick', .5), ('cabin', 'pewter', .35)],
        'cottage': [('roof', 'brick', .6), ('front', 'pewter', .4), ('gable', 'pewter', .4)],
    },
    'teaching-avenue': {
        'hare': HARE, 'tall-left': all_of('moss', .55), 'tall-right': 'tall-left', 'middle-left': all_of('moss', .42), 'middle-right': 'middle-left',
        'small-left': all_of('fern', .3), 'small-right': 'small-left',
    },
}


def coloured(plan, scene):
    for stamp in plan['stamps']:
        if stamp['id'] in PARTS:
            stamp['regions'] = [dict(id=id, name=id.replace('_', ' '), at=list(at)) for id, at in PARTS[stamp['id']].items()]
    plan['colourings'] = []
    used = []
    for thing in plan['impressions']:
        thing.pop('like', None)
        how = scene.get(thing['id'])
        if isinstance(how, str):
            thing['like'] = how
            continue
        for part in how or []:
            region, ink = part[0], part[1]
            one = dict(id=f'{thing["id"]}-{len([c for c in plan["colourings"] if c["impression"] == thing["id"]]) + 1}', impression=thing['id'],
                       region=list(region) if isinstance(region, tuple) else region)
            if ink is None:
                one['bare'] = True
            else:
                used.append(ink)
                one.update(ink=ink, way=part[4] if len(part) > 4 else 'marker', shade=part[3] if len(part) > 3 else AWAY, strength=part[2])
            plan['colourings'].append(one)
    plan['inks'] = [i for i in plan['inks'] if i['id'] not in MARKERS] + [MARKERS[k] for k in dict.fromkeys(used)]
    return plan


def text_of(plan):
    """As Havlo writes plans: short lists on one line."""
    text = json.dumps(plan, indent=1, ensure_ascii=False)
    return re.sub(r'\[\s+(-?[\d.e]+),\s+(-?[\d.e]+)\s+\]', r'[\1, \2]', text) + '\n'


def main():
    for name, scene in SCENES.items():
        path = f'{DEMO}/{name}.havlo'
        plan = coloured(json.load(open(path)), scene)
        open(path, 'w').write(text_of(plan))
    path = f'{DEMO}/canal-drawer.zip'
    with zipfile.ZipFile(path) as z:
        files = {i.filename: z.read(i) for i in z.infolist()}
    index = json.loads(files['drawer.json'])
    index['inks'] = [i for i in index['inks'] if i['id'] not in MARKERS] + list(MARKERS.values())
    files['drawer.json'] = json.dumps(index, ensure_ascii=False, separators=(', ', ': ')).encode()
    for card in index['stamps']:
        if card['stamp']['id'] in PARTS:
            card['stamp']['regions'] = [dict(id=id, name=id.replace('_', ' '), at=list(at)) for id, at in PARTS[card['stamp']['id']].items()]
    files['drawer.json'] = json.dumps(index, ensure_ascii=False, separators=(', ', ': ')).encode()
    out = io.BytesIO()
    with zipfile.ZipFile(out, 'w', zipfile.ZIP_DEFLATED) as z:
        for file, data in files.items():
            z.writestr(zipfile.ZipInfo(file, (2000, 1, 1, 0, 0, 0)), data, zipfile.ZIP_DEFLATED)
    open(path, 'wb').write(out.getvalue())


main()
