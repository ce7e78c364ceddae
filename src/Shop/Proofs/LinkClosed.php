<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

/** A link that was good once: expired or withdrawn. The message is for the customer. */
final class LinkClosed extends \RuntimeException
{
}
