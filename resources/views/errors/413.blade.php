<x-layout.error :heading="__('errors.too_large')" :hint="__('errors.too_large_hint')"/>
