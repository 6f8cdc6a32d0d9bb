#!/usr/bin/env bash
# The long campaign against damaged files, kills, undo and lost minima, within a heap of one gigabyte; about five hours.
# benchmarks/campaign.sh [seed]; how much of each is said by MUTATIONS, KILLS, EDITS, PROBLEMS, HISTORIES,
# STRANGERS and GESTURES:
# KILLS=0 MUTATIONS=60000 benchmarks/campaign.sh 8
set -eu
cd "$(dirname "$0")/.."
seed="${1:-20261126}"
mvn -B test -pl core,documents,desktop -Dtest='FieldsOfWriteTest,ReadersTest,SessionTest,GlobalMinimumTest,KillTest,AttemptsTest,GroundTest,ForgedTest,FirstHourTest,LetGoTest,RandomUseTest,ShelvedTest,RecognitionTest,ProofsTest,PlainNumbersTest,StrangersTest,SettingsTest,AccuracyTest' -Dsurefire.failIfNoSpecifiedTests=false -Dhestra.args=-Xmx1g \
  -Dhestra.seed="$seed" -Dhestra.mutations="${MUTATIONS:-1000000}" -Dhestra.kills="${KILLS:-1000}" \
  -Dhestra.edits="${EDITS:-20000}" -Dhestra.problems="${PROBLEMS:-2000}" -Dhestra.histories="${HISTORIES:-100000}" -Dhestra.forgeries=1000 -Dhestra.exercises-done=100 -Dhestra.data-sets=3000 -Dhestra.targets=100000 -Dhestra.texts=4000 -Dhestra.desks=50 -Dhestra.strangers="${STRANGERS:-5000}" -Dhestra.settings=20000 -Dhestra.shelved=3000 -Dhestra.gestures="${GESTURES:-15000}" -Dhestra.every-problem=1 -Dhestra.every-field=true \
  | grep -E 'minima found|gestures: |in a library|random edits|inputs, |^strangers, |^seed |kills, every|Tests run:|FAIL|BUILD'
