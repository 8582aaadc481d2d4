<x-figure :figure="$figure" size="small"/>
