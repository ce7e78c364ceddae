<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Changes\Differences;
use Yelbo\Shop\Orders\Answers;

/** Whatever is asked can be changed, and is told by a name of its own. */
final class DifferencesTest extends ShopTestCase
{
    public function testEveryAnswerThatChangesIsToldOnceByItsName(): void
    {
        $differences = $this->get(Differences::class);
        $before = $this->answers();
        $told = [];
        foreach ($before->toArray() as $field => $value) {
            $other = match (true) {
                \is_array($value) => [['what' => 'seam']],
                'neededOn' === $field => '2027-01-07',
                default => 'star' === $value ? 'disc' : 'star',
            };
            $now = Answers::fromKept([$field => $other] + $before->toArray());
            $says = [...$differences->ofOrder($before, $now), ...$differences->ofItem($before, $now)];
            if ('units' === $field) {
                self::assertSame([], $says, 'only how it is shown');
                continue;
            }
            self::assertSame([$field], array_keys($says));
            $told[] = preg_replace('~(: .*| changed)$~', '', $says[$field]);
        }
        self::assertSame($told, array_values(array_unique($told)), 'no two are called the same');
    }
}
