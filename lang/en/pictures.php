<?php

declare(strict_types=1);

return [
    'no_picture' => 'That picture can’t be read. Use a photograph, or a JPEG, PNG, WebP or GIF file.',
    'too_large' => 'That picture has more than :megapixels million points. Make it smaller first.',
    'busy' => 'Many pictures are being written just now. Try again in a moment.',
    'damaged' => 'That archive is damaged. Save the design again and take the new file.',
    'no_design' => 'That archive holds no design.json. Save the design from its page of versions, and take that file.',
    'too_many' => 'That archive holds more than it can; up to :most pictures are possible.',
    'too_large_file' => ':file in that archive is too large.',
    'kept' => 'The picture is in its place.',
    'choose' => 'Picture of :fabric in :colourway',
    'of' => ':cloth, as photographed',
    'remove' => 'Remove the picture of :fabric in :colourway',
    'photograph' => 'Photograph',
    'put' => 'Put the picture in',
    'say_what' => 'Describe in a few words what the picture shows, for people who cannot see it.',
];
