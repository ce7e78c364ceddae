<?php

declare(strict_types=1);

namespace Yelbo\Device\Post;

/**
 * Closes what holds a secret while it lies in the records: a letter waits there, and stays, with a link in it that
 * opens a proof. The key is the shop's own secret, which lies beside the records and is in no backup.
 */
final readonly class Seal
{
    private string $key;

    /** @param string $secret of this shop, made on its machine */
    public function __construct(#[\SensitiveParameter] string $secret)
    {
        $this->key = hash_hkdf(
            'sha256',
            '' === $secret ? 'no secret was set' : $secret,
            \SODIUM_CRYPTO_SECRETBOX_KEYBYTES,
            'letters',
        );
    }

    /** A text that nobody reads without the key, and that is another each time; in letters a record can hold. */
    public function close(#[\SensitiveParameter] string $text): string
    {
        $nonce = random_bytes(\SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);

        return base64_encode($nonce.sodium_crypto_secretbox($text, $nonce, $this->key));
    }

    /** What was closed; none of what was closed with another key, or was never closed. */
    public function open(string $closed): ?string
    {
        $bytes = base64_decode($closed, true);
        if (false === $bytes || \strlen($bytes) <= \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES) {
            return null;
        }
        $text = sodium_crypto_secretbox_open(
            substr($bytes, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES),
            substr($bytes, 0, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES),
            $this->key,
        );

        return false === $text ? null : $text;
    }
}
