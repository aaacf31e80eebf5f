<path class="rubber" d="M76 7H94V16H76ZM110 7H128V16H110Z" />
