<script lang="ts">
  import type { Verdict } from '../api/client';

  const { verdict }: { verdict: Verdict } = $props();
  const words: Record<Verdict, string> = {
    Sound: 'Sound',
    Tight: 'Tight',
    ProveFirst: 'Test it with water',
    Fails: "Won't do",
    AskAProfessional: 'Ask a professional',
  };
</script>

<span class="verdict" data-verdict={verdict}>{words[verdict]}</span>
