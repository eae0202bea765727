<?php

declare(strict_types=1);

namespace Alternum\Server\Command;

use Alternum\Server\Database\PendingMigrations;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** How it stands, in words, for who keeps it running. */
#[AsCommand('alternum:status', 'Says whether the database answers, what is in it and when something was saved last')]
final class StatusCommand extends Command
{
    private const COUNTED = ['workshop' => 'Workshops', 'saved_plan' => 'Plans', 'plan_version' => 'Earlier versions', 'making' => 'Toys being made'];

    public function __construct(private readonly Connection $database, private readonly PendingMigrations $migrations)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $version = $this->text('SELECT VERSION()');
            $pending = $this->migrations->count();
            $output->writeln("The database answers: {$version}.");
            if ($pending > 0) {
                $output->writeln("It has not all tables of this program yet: bin/start makes them. Migrations to be made: {$pending}.");

                return Command::FAILURE;
            }
            foreach (self::COUNTED as $table => $named) {
                $output->writeln("{$named}: ".$this->text("SELECT COUNT(*) FROM {$table}"));
            }
            $bytes = $this->text('SELECT COALESCE(SUM(DATA_LENGTH + INDEX_LENGTH), 0) FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()');
            $output->writeln('On the disk: '.round((float) $bytes / 1024 / 1024, 1).' MB');
            $last = $this->text('SELECT MAX(saved_at) FROM saved_plan');
            $output->writeln('' === $last ? 'Nothing was saved yet.' : "Saved last at {$last} UTC.");
        } catch (Exception $away) {
            $output->writeln('The database does not answer: '.$away->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    private function text(string $query): string
    {
        $value = $this->database->fetchOne($query);

        return \is_scalar($value) ? (string) $value : '';
    }
}
