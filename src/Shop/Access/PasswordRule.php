<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Which passwords are taken: long ones that are not among those everybody tries first. No rule about signs. */
final readonly class PasswordRule
{
    public const SHORTEST = 12;
    private const LONGEST = 200;
    private const LIST = '/assets/passwords/common.txt';

    public function __construct(#[Autowire('%kernel.project_dir%')] private string $root)
    {
    }

    /**
     * Why a password is not taken, as a sentence; none where it is.
     *
     * @param list<string> $own what is known of the one it is for: the name, the sign-in
     */
    public function against(#[\SensitiveParameter] string $password, array $own): ?string
    {
        $plain = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::SHORTEST => 'At least '.self::SHORTEST.' letters: three or four words are '
                .'easy to keep in mind.',
            mb_strlen($password) > self::LONGEST => 'At most '.self::LONGEST.' letters.',
            \count(array_unique(mb_str_split($plain))) < 4 => 'This repeats a few letters only. Take words nobody '
                .'would guess.',
            $this->isCommon($plain) => 'This is one of the passwords that are tried first. Take words nobody would '
                .'guess.',
            self::tells($plain, $own) => 'This is little more than the name. Take words nobody would guess.',
            default => null,
        };
    }

    private function isCommon(string $plain): bool
    {
        return \in_array($plain, file($this->root.self::LIST, \FILE_IGNORE_NEW_LINES) ?: [], true);
    }

    /** @param list<string> $own */
    private static function tells(string $plain, array $own): bool
    {
        foreach ($own as $known) {
            $known = mb_strtolower(trim($known));
            if (mb_strlen($known) > 2 && mb_strlen(str_replace($known, '', $plain)) < self::SHORTEST / 2) {
                return true;
            }
        }

        return false;
    }
}
