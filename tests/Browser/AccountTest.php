<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** An account from its making to its end, and what is kept and cannot be used. */
final class AccountTest extends BrowserTestCase
{
    protected bool $keeps = false;

    public function test_a_password_is_changed_and_the_account_ended(): void
    {
        $this->page->get("{$this->server->url}/register");
        foreach (['Name' => 'New angler', 'E-mail' => 'new@example.test', 'Password' => 'long enough now'] as $label => $text) {
            $this->find("//label[normalize-space()='{$label}']/following-sibling::input")->sendKeys($text);
        }
        $this->button('Make the account')->click();
        $this->see('Three questions, then your pick');
        $this->page->get("{$this->server->url}/account");
        $this->see('signs in as new@example.test');
        $this->find("//label[normalize-space()='The one you have']/following-sibling::input")->sendKeys('long enough now');
        $this->find("//label[normalize-space()='The new one']/following-sibling::input")->sendKeys('basketball');
        $this->button('Change the password')->click();
        $this->see('one of the commonest passwords');
        $this->find("//label[normalize-space()='The new one']/following-sibling::input")
            ->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('long enough again');
        $this->button('Change the password')->click();
        $this->see('Your password is changed.');
        $this->button('Delete the account …')->click();
        $this->find(
            "//label[normalize-space()='Your password, to be sure']/following-sibling::input[ancestor::section[@aria-label='Leave']]",
        )->sendKeys('long enough again');
        $this->button('Delete the account')->click();
        $this->see('The account and everything in it is gone.');
    }

    public function test_an_absurd_reading_is_named_and_taken_away(): void
    {
        $this->openDemo();
        $this->server->records()->exec("UPDATE readings SET text = '44 °C', si = 44, source = 'instrument' WHERE name = 'temp'");
        foreach (['/lure', '/water', '/fish', '/tackle'] as $path) {
            $this->page->get($this->server->url.$path);
            $this->find('//h1');
        }
        $this->page->get("{$this->server->url}/lure");
        $this->see('Water is “44 °C”, which can\'t be right, so it is ignored');
        $this->button('Take it away')->click();
        $this->eventually(
            fn (): bool => $this->page->findElements(WebDriverBy::xpath("//section[@aria-label='Left out']")) === [],
            'for it to be gone',
        );
    }
}
