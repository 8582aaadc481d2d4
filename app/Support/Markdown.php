<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\HtmlString;
use Parsedown;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * The host's words as HTML: paragraphs, lists, emphasis, headings, quotations and links to https addresses. Whatever else stands in them,
 * tags and pictures from elsewhere among it, is shown as text or left out.
 */
final class Markdown
{
    /** Headings begin below those of the page. */
    private const HEADINGS = 3;

    private const LONGEST = 20_000;

    private static ?HtmlSanitizer $sanitizer = null;

    public static function html(string $text): HtmlString
    {
        if (trim($text) === '') {
            return new HtmlString('');
        }
        $html = (new Parsedown)->setSafeMode(true)->setBreaksEnabled(true)->text($text);
        $html = (string) preg_replace_callback(
            '~<(/?)h([1-6])>~',
            fn (array $tag): string => '<'.$tag[1].'h'.min(6, (int) $tag[2] + self::HEADINGS).'>',
            $html,
        );

        return new HtmlString(self::sanitizer()->sanitize($html));
    }

    private static function sanitizer(): HtmlSanitizer
    {
        $config = (new HtmlSanitizerConfig)
            ->withMaxInputLength(self::LONGEST * 4)
            ->allowLinkSchemes(['https'])
            ->allowRelativeLinks(false);
        foreach (['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'blockquote', 'code', 'pre', 'hr', 'h4', 'h5', 'h6', 'del'] as $element) {
            $config = $config->allowElement($element);
        }
        foreach (['table', 'thead', 'tbody', 'tr', 'th', 'td'] as $element) {
            $config = $config->allowElement($element);
        }
        $config = $config->allowElement('a', ['href'])->forceAttribute('a', 'rel', 'noopener noreferrer nofollow')
            ->forceAttribute('a', 'target', '_blank');

        return self::$sanitizer ??= new HtmlSanitizer($config);
    }
}
