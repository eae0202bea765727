<?php

declare(strict_types=1);

namespace Alternum\Server\Command;

use Alternum\Server\Shelf\Tidying;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Clears what nobody will miss. */
#[AsCommand('alternum:tidy', 'Clears workshops that were never changed, and plans that were taken off their shelf')]
final class TidyCommand extends Command
{
    public function __construct(private readonly Tidying $tidying)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('dry-run', null, InputOption::VALUE_NONE, 'Says what would go, and clears nothing');
        $this->addOption('days', null, InputOption::VALUE_REQUIRED, 'How old it must be', '30');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $days = $input->getOption('days');
        if (!\is_string($days) || 1 !== preg_match('/^\d{1,5}$/D', $days)) {
            $output->writeln('<error>--days is a whole number of days.</error>');

            return Command::INVALID;
        }
        $isDry = true === $input->getOption('dry-run');
        $plans = $this->tidying->removedPlans((int) $days, $isDry);
        $workshops = $this->tidying->unchangedWorkshops((int) $days, $isDry);
        $invitations = $this->tidying->invitations($isDry);
        $output->writeln(
            ($isDry ? 'Would clear ' : 'Cleared ')."{$workshops} workshops that were never changed and {$plans} removed plans, older than {$days} days;"
                ." {$invitations} invitations that were over.",
        );

        return Command::SUCCESS;
    }
}
