<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/core', __DIR__.'/app', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/config', __DIR__.'/tests', __DIR__.'/tools', __DIR__.'/bootstrap'])
    ->exclude(['cache', 'vectors']);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setParallelConfig(PhpCsFixer\Runner\Parallel\ParallelConfigFactory::detect())
    ->setCacheFile(__DIR__.'/storage/framework/cache/php-cs-fixer.json')
    ->setRules([
        '@PSR12' => true,
        'declare_strict_types' => true,
        'array_syntax' => ['syntax' => 'short'],
        'concat_space' => ['spacing' => 'none'],
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'not_operator_with_successor_space' => true,
        'phpdoc_align' => ['align' => 'vertical'],
        'phpdoc_trim' => true,
        'no_extra_blank_lines' => true,
        'blank_line_before_statement' => ['statements' => ['return']],
        'new_with_parentheses' => true,
        'native_function_casing' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
    ])
    ->setFinder($finder);
