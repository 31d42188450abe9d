<?php

declare(strict_types=1);

namespace Tests\Support\Harm;

/**
 * The clock is put back and forth by hours and days while a student plays: nothing that was acknowledged is lost or
 * doubled, no page fails, and nobody waits longer at a guarded lock than its guard says.
 */
final class Clocks
{
    /** @return list<Figure> */
    public static function report(Arena $arena, int $seed, int $count, float $seconds): array
    {
        $found = json_decode($arena->tinker(self::playing($seed, $count, $seconds)), true);

        return [new Figure(
            sprintf(
                'the clock moved %d times, by up to two days: %d of %d acknowledged actions lost or doubled, %d pages '
                    .'failed, %d waits longer than said',
                $found['moves'], $found['lost'], $found['acknowledged'], count($found['failed']), $found['long'],
            ),
            $found['moves'] > 0 && $found['lost'] === 0 && $found['failed'] === [] && $found['long'] === 0,
            $found['failed'],
        )];
    }

    private static function playing(int $seed, int $count, float $seconds): string
    {
        return Classes::ONE_CHOICE.<<<PHP
            use Illuminate\Support\Carbon;
            \$dice = new Random\Randomizer(new Random\Engine\Mt19937({$seed}));
            \$kernel = app(Illuminate\Contracts\Http\Kernel::class);
            \$r = oneChoice("clocks"); \$names = \$r->edition;
            \$p = app(App\Actions\JoinRun::class)->begin(\$r, "Mia", null);
            \$take = fn (array \$action, string \$key) => (new App\Actions\TakeAction())->handle(
                \$p->id, Fravel\State\Action::of(\$action), \$key, \$r->code,
            );
            [\$moves, \$kept, \$failed, \$long] = [0, 0, [], 0];
            \$now = time(); \$until = microtime(true) + {$seconds};
            for (; \$moves < {$count} && microtime(true) < \$until; \$moves++) {
                \$now += \$dice->getInt(-172800, 172800);
                Carbon::setTestNow(Carbon::createFromTimestamp(\$now));
                \$turn = \$take(["choose" => \$names->nameOf("more")], "moved-\$moves");
                \$turn->refusal() === null ? \$kept++ : \$failed[] = "choosing at \$now: ".\$turn->refusal()["reason"];
                \$take(["answer" => \$names->nameOf("door"), "with" => "gull \$moves"], "wrong-\$moves");
                Carbon::setTestNow(Carbon::createFromTimestamp(\$now + 61));
                \$turn = \$take(["answer" => \$names->nameOf("door"), "with" => "tern \$moves"], "again-\$moves");
                \$long += (\$turn->refusal()["reason"] ?? "") === "lock.guarded" ? 1 : 0;
                \$asked = Illuminate\Http\Request::create(config("app.url")."/p/{\$r->code}");
                \$asked->cookies->set("fravel_play", App\Play\Ticket::for(\$p->id)->text());
                \$status = \$kernel->handle(\$asked)->getStatusCode();
                \$status === 200 ?: \$failed[] = "the page at \$now: \$status";
            }
            Carbon::setTestNow();
            \$there = Illuminate\Support\Facades\DB::table("play_events")->where("key", "like", "moved-%")->count();
            echo json_encode([
                "moves" => \$moves, "acknowledged" => \$kept, "lost" => abs(\$kept - \$there),
                "failed" => array_slice(\$failed, 0, 5), "long" => \$long,
            ]);
            PHP;
    }
}
