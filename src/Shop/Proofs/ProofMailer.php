<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Mime\Email;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Yelbo\Device\Post\Seal;
use Yelbo\Shop\Orders\ProofPage;

/** The letter that carries a proof's link to its customer. */
final readonly class ProofMailer
{
    public function __construct(
        private MessageBusInterface $bus,
        private UrlGeneratorInterface $urls,
        private Seal $seal,
        #[Autowire('%env(YELBO_POST_FROM)%')] private string $from,
        #[Autowire('%env(YELBO_SHOP)%')] private string $shop,
        #[Autowire('%env(YELBO_PUBLIC)%')] private string $public,
    ) {
    }

    /** Begins with the address that was set, never with what a request claims to be addressed to. */
    public function url(string $token): string
    {
        return rtrim($this->public, '/').$this->urls->generate('given-page', ['token' => $token]);
    }

    /** Hands the letter that carries a link to whoever brings it to the post. */
    public function send(ProofLink $link, string $token): void
    {
        $proof = $link->proof();
        $docket = $proof->docket();
        $until = $link->expiresAt();
        $text = implode("\n\n", [
            'Dear '.($docket->customer()?->name() ?? 'customer').',',
            "here is the proof of your order {$docket->tag()}, for you to look at: every letter as it will be cut, "
                .'to scale.',
            implode("\n", array_map(
                static fn (ProofPage $page): string => '“'.
                    implode(' ', $page->words()).
                    '” on your '.
                    mb_strtolower($page->item()->object()->name()),
                $docket->proofs()->version($proof->nth()),
            )),
            $this->url($token),
            'Please read the spelling letter by letter. On the page you can say yes, or say what should be '
                .'different. We cut nothing before your yes.',
            "The link is for you alone and works until {$until->format('j F Y')}.",
            $this->shop,
        ]);
        $letter = (new Email())
                ->from($this->from)
                ->to($link->sentTo())
                ->subject("{$this->shop}: your proof {$docket->tag()}");
        $this->bus->dispatch(new PostLetter($link->id(), $letter, $this->seal->close($text)));
    }
}
