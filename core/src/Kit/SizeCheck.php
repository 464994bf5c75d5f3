<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Part\EditableFigure;
use Jornel\Core\Part\EditableFigures;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;

/** A size that is measured before anything is cut by it, and what a wrong guess of it would do. */
final readonly class SizeCheck
{
    /** How far a guess is tried off, m: frames of one nominal size differ by that (common practice: 1/4 in). */
    public const OFF = 0.00635;

    /** Below this a difference is not seen on a tape, m. */
    private const SEEN = 0.0004;

    /** Bypass beyond what there was from which a gap is told with its share. */
    private const WORTH_TELLING = 0.002;

    /** Figures of parts that something is cut by, by kind. */
    private const SIZES = [
        'fan' => ['body.side', 'body.blade_circle', 'body.depth', 'body.corner_radius', 'carton_width', 'carton_height', 'carton_depth'],
        'filter' => ['width', 'height', 'depth'],
    ];

    /**
     * @param  string  $part  its id
     * @param  string  $path  of the figure in its entry
     * @param  float  $value  m
     * @param  string  $by  who measured it; empty where nobody did
     * @param  string  $at  on which day
     * @param  list<Sentence>  $effects  of a guess that is off
     */
    private function __construct(
        public PartKind $kind,
        public string $part,
        public string $partName,
        public string $path,
        public string $name,
        public float $value,
        public string $entry,
        public Provenance $from,
        public string $by,
        public string $at,
        public array $effects,
    ) {
    }

    /**
     * All sizes of a design that something is cut by.
     *
     * @return list<self>
     */
    public static function all(Design $design): array
    {
        $checks = [];
        $seen = [];
        foreach ([[PartKind::Fan, $design->fan], [PartKind::Filter, $design->filter], [PartKind::Filter, $design->prefilter]] as [$kind, $part]) {
            if ($part === null || isset($seen[$part->id])) {
                continue;
            }
            $seen[$part->id] = true;
            foreach (self::figures($kind) as $figure) {
                $value = $figure->of($part->data);
                if ($value === null || ($figure->path === 'body.corner_radius' && $value->si === 0.0)) {
                    continue;
                }
                $checks[] = new self(
                    $kind, $part->id, $part->name, $figure->path, $figure->name, $value->si, $value->entry, $value->provenance, $value->by, $value->at,
                    $value->provenance === Provenance::Measured ? [] : self::effects($design, $part, $figure->path),
                );
            }
        }

        return $checks;
    }

    /** Whether something that is cut depends on it as far as a guess may be off. */
    public function matters(): bool
    {
        return $this->effects !== [];
    }

    /**
     * Whether every size that matters was measured.
     *
     * @param  list<self>  $checks
     */
    public static function areMeasured(array $checks): bool
    {
        return array_filter($checks, fn (self $check): bool => $check->from !== Provenance::Measured && $check->matters()) === [];
    }

    /** Whether a figure is a size that something is cut by. */
    public static function isSize(PartKind $kind, string $path): bool
    {
        return in_array($path, self::SIZES[$kind->value] ?? [], true);
    }

    /** @return list<EditableFigure> */
    private static function figures(PartKind $kind): array
    {
        return array_values(array_filter(EditableFigures::of($kind), fn (EditableFigure $figure): bool => self::isSize($kind, $figure->path)));
    }

    /** @return list<Sentence> */
    private static function effects(Design $design, Fan|Filter $part, string $path): array
    {
        $told = [];
        foreach ([['smaller', -self::OFF], ['larger', self::OFF]] as [$way, $off]) {
            $effect = self::effect($design, $part, $path, $way, $off);
            if ($effect !== null) {
                $told[] = $effect;
            }
        }

        return $told;
    }

    private static function effect(Design $design, Fan|Filter $part, string $path, string $way, float $off): ?Sentence
    {
        $texts = Texts::of('sizes');
        $gaps = ['off' => [Display::PartLength, abs($off)], 'way' => $texts->text($way)];
        try {
            $actual = self::sized($design, $part, $path, $off);
            $assembly = $actual->assemble();
        } catch (DoesNotFit $misfit) {
            return $texts->say('refused', ...$gaps, why: $misfit->getMessage());
        } catch (Invalid) {
            return null;
        }
        [$name, $by, $area] = self::widestGap(CutList::of($design, $design->assemble()), CutList::of($actual, $assembly));
        if ($by < -self::SEEN) {
            $share = self::bypass($actual, $assembly, $area) - self::bypass($actual, $assembly, 0.0);
            $gaps += ['part' => $name, 'by' => [Display::PartLength, -$by], 'share' => [Display::Share, $share]];

            return $texts->say($share > self::WORTH_TELLING ? 'gap' : 'small-gap', ...$gaps);
        }
        if ($by > self::SEEN) {
            return $texts->say('trim', ...$gaps, part: $name, by: [Display::PartLength, $by]);
        }
        $hole = self::hole(CutList::of($design, $design->assemble()), CutList::of($actual, $assembly));
        if ($hole !== null) {
            return $texts->say('hole', ...$gaps, part: $hole[0], by: [Display::PartLength, abs($hole[1])], hole: $texts->text($hole[1] > 0.0 ? 'wide' : 'narrow'));
        }

        $lost = $off < 0.0 && str_starts_with($path, 'carton') ? self::outOfCartons($design) - self::outOfCartons($actual) : 0;

        return $lost > 0 ? $texts->say('carton', ...$gaps, parts: $lost) : null;
    }

    /** How many parts of one unit come out of the carton of its fan. */
    private static function outOfCartons(Design $design): int
    {
        $orders = [new KitOrder($design, 1)];

        return CutPlan::of(Kit::parts($orders), Kit::cartons($orders), Kit::KERF, 0.0)->layout->placedCount();
    }

    /** The design with one size of a part off. */
    private static function sized(Design $design, Fan|Filter $part, string $path, float $off): Design
    {
        $kind = $part instanceof Fan ? PartKind::Fan : PartKind::Filter;
        $figure = array_values(array_filter(self::figures($kind), fn (EditableFigure $one): bool => $one->path === $path))[0];
        $data = Overlay::of($part->data, $figure->holding(max(1e-4, ($figure->of($part->data)->si ?? 0.0) + $off)));
        if ($part instanceof Fan) {
            return $design->with(fan: Fan::fromData($data));
        }
        $filter = Filter::fromData($data);

        return $part === $design->prefilter ? $design->withPrefilter($filter) : $design->with(filter: $filter);
    }

    /**
     * The part that is cut the farthest off: its name, by how much its side is too large, m, and what a gap there leaves open, m2.
     *
     * @param  list<CutPart>  $guess  as it would be cut
     * @param  list<CutPart>  $actual  as it should be
     * @return array{string, float, float}
     */
    private static function widestGap(array $guess, array $actual): array
    {
        $worst = ['', 0.0, 0.0];
        foreach ($guess as $one) {
            foreach ($actual as $other) {
                if ($one->id !== $other->id || $one->name !== $other->name) {
                    continue;
                }
                foreach ([[$one->width() - $other->width(), $other->height()], [$one->height() - $other->height(), $other->width()]] as [$by, $side]) {
                    // A gap is worse than what can be trimmed.
                    if (($by < 0.0 && $by < $worst[1]) || ($by > 0.0 && $worst[1] >= 0.0 && $by > $worst[1])) {
                        $worst = [Texts::within($one->name), $by, -$by * $side];
                    }
                }
            }
        }

        return $worst;
    }

    /**
     * @param  list<CutPart>  $guess
     * @param  list<CutPart>  $actual
     * @return array{string, float}|null name and by how much the hole is too wide, m
     */
    private static function hole(array $guess, array $actual): ?array
    {
        foreach ($guess as $number => $one) {
            foreach ($one->holes as $i => $hole) {
                $other = $actual[$number]->holes[$i] ?? null;
                if ($other !== null && abs($hole->radius - $other->radius) > self::SEEN / 2.0) {
                    return [Texts::within($one->name), 2.0 * ($hole->radius - $other->radius)];
                }
            }
        }

        return null;
    }

    /** Share of the air that passes no filter on the highest speed, with so much more open. */
    private static function bypass(Design $design, Assembly $assembly, float $area): float
    {
        $performances = Unit::of($design, $assembly, Air::reference())->leaking($area)->performances();

        return $performances[count($performances) - 1]->balance->bypassShare() ?? 0.0;
    }
}
