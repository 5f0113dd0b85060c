@props(['of'])
<script type="application/json" data-words>@json(__("places/scripts.$of"))</script>
