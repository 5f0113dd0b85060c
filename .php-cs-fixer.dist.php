<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/app', __DIR__.'/bootstrap', __DIR__.'/config', __DIR__.'/core', __DIR__.'/database', __DIR__.'/lang', __DIR__.'/routes', __DIR__.'/tests', __DIR__.'/bench'])
    ->exclude('cache')
    ->append([__FILE__]);

return (new PhpCsFixer\Config())
    ->setParallelConfig(new PhpCsFixer\Runner\Parallel\ParallelConfig(2))
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'concat_space' => ['spacing' => 'none'],
        'method_chaining_indentation' => false,
        'php_unit_method_casing' => ['case' => 'snake_case'],
        'phpdoc_align' => false,
        'phpdoc_summary' => false,
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
        'yoda_style' => ['equal' => true, 'identical' => true, 'less_and_greater' => null],
    ])
    ->setFinder($finder)
    ->setCacheFile(__DIR__.'/.php-cs-fixer.cache');
