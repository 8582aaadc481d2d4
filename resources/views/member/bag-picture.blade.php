<x-picture :picture="$picture" :scale="84 / max($picture->width, $picture->height)"/>
