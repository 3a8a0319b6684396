<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Choices;
use OakGloss\Method\CoatsAtTack;
use OakGloss\Method\Damage;
use OakGloss\Method\Faces;
use OakGloss\Method\HardTop;
use OakGloss\Method\Holding;
use OakGloss\Method\LayUp;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FinishPlan;

/** The choices that a part leaves open, and what each may be. */
final class ChoiceFields
{
    /** Those that are priced beside each other on the plan. */
    public const PRICED = [
        'build_coats', 'second_passes', 'build_g_m2', 'turned', 'tilted', 'wet_out', 'after_wet_out', 'print_through', 'top',
        'plies', 'faces', 'holding', 'hard_top', 'mould_plies', 'lay_up', 'halves', 'damage',
    ];

    /** And those that have a page of their own. */
    public const ALL = [...self::PRICED, 'finish_coats', 'clear_id', 'filler_id', 'stripes'];

    /** @return array<string, list<mixed>> rules by field, without whether it must be sent */
    public static function rules(int $shopId): array
    {
        $clear = fn (): Exists => Rule::exists('clears', 'id')->where('shop_id', $shopId);

        return [
            'wet_out' => [Rule::enum(WetOut::class)],
            'after_wet_out' => [Rule::enum(AfterWetOut::class)],
            'top' => [Rule::enum(Top::class)],
            'print_through' => [Rule::enum(PrintThrough::class)],
            'build_coats' => ['integer', 'between:'.CoatsAtTack::LEAST.','.FinishPlan::MOST_BUILD_COATS],
            'second_passes' => ['integer', 'between:0,3'],
            'turned' => ['boolean'],
            'tilted' => ['boolean'],
            'build_g_m2' => ['numeric', Rule::anyOf([['in:0'], ['numeric', 'between:30,400']])],
            'finish_coats' => ['integer', 'between:1,4'],
            'stripes' => ['integer', 'between:0,4'],
            'plies' => ['integer', 'between:1,'.Choices::MOST_PLIES],
            'faces' => [Rule::enum(Faces::class)],
            'holding' => [Rule::enum(Holding::class)],
            'hard_top' => [Rule::enum(HardTop::class)],
            'mould_plies' => ['integer', 'between:1,'.Choices::MOST_MOULD_PLIES],
            'lay_up' => [Rule::enum(LayUp::class)],
            'halves' => ['integer', 'between:1,2'],
            'damage' => [Rule::enum(Damage::class)],
            'clear_id' => ['integer', $clear()->whereNot('kind', 'filler')],
            'filler_id' => ['integer', $clear()->where('kind', 'filler')],
        ];
    }

    /**
     * The fields of two choices at once, as they are written: `wet_out=at_once&after_wet_out=second_at_tack`.
     *
     * @return array<string, string>
     */
    public static function pair(string $written): array
    {
        parse_str($written, $read);
        $pair = [];
        foreach ($read as $field => $value) {
            $pair[(string) $field] = is_string($value) ? $value : '';
        }

        return $pair;
    }
}
