<?php

declare(strict_types=1);

return [
    'size' => 'it is {width} × {height} pixels; give one of {least} to {most} a side.',
    'no-grain' => 'no grain of rice is seen in it; press some ten grains under glass on a dark ground, and photograph them from above in even light.',
    'no-dark-ground' => 'the ground is as bright as the rice; put something dark under the glass.',
    'no-rice' => 'what is seen in it is no rice: it is too round; press some ten grains under glass on a dark ground.',
    'heaps' => 'the grains lie in heaps; spread some ten of them so that each lies by itself.',
    'too-few' => '{grains, plural, =0{no grain lies by itself} one{only one grain lies by itself} other{only # grains lie by themselves}}; {least} are read at least, ten are better.',
    'too-small' => '{grains, plural, other{# things are seen}}, too small to be read; take some ten grains, and go nearer.',
    'blurred' => 'it is too blurred to be read; hold still, and let the camera find its focus on the grains.',
    'hardly-begun' => 'most grains are white from side to side: less than a third done, and not to be read closer; look again in a minute or two.',
    'no-such-grain' => 'there is no grain {grain}; {grains} are outlined.',
    'not-in-the-boil' => 'the rice was not in the boil when it was taken; begin the boil first.',
    'not-read' => 'no grains were read in it.',
    'none-of-your-own' => 'no photograph of grains under glass has been taken here yet; take one at the Stove or for a bag.',
    'glare' => 'a lamp is seen in the glass, and covers the grains; take it from another side, or shade the glass.',
];
